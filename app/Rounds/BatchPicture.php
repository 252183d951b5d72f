<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Support\Units\Formatter;
use DateTimeImmutable;

/** What would come in from each yard, and between which days, before a plan is searched. */
final readonly class BatchPicture
{
    private const LEFT = 168.0;

    private const WIDTH = 720.0;

    private const TOP = 30.0;

    private const ROW = 44.0;

    public function __construct(private Formatter $format)
    {
    }

    /**
     * @param  list<Batch>  $batches
     * @param  list<string>  $dates
     */
    public function svg(array $batches, array $dates): string
    {
        $wide = (self::WIDTH - self::LEFT) / count($dates);
        $window = new DayWindow($dates, self::LEFT, $wide);
        $height = self::TOP + self::ROW * count($batches) + 2.0;
        $out = '';
        foreach ($dates as $d => $date) {
            $day = new DateTimeImmutable($date);
            $x = self::LEFT + $d * $wide;
            $out .= sprintf(
                '<path class="rl" d="M%1$.1f 0V%2$.1f"/><text class="t12 soft" x="%3$.1f" y="10" text-anchor="middle">%4$s</text><text class="t12 b" x="%3$.1f" y="24" text-anchor="middle">%5$s</text>',
                $x,
                $height,
                $x + 0.5 * $wide,
                e($wide > 24.0 ? __($day->format('D')) : ''),
                e($d === 0 ? $this->format->day($day) : $day->format('j')),
            );
        }
        foreach ($batches as $row => $batch) {
            $y = self::TOP + self::ROW * $row;
            $out .= sprintf(
                '<path class="rl" d="M0 %1$.1fH%2$.1f"/><text class="t14 b%3$s" x="0" y="%4$.1f">%5$s</text><text class="t12 soft" x="0" y="%6$.1f">%7$s</text>',
                $y,
                self::WIDTH,
                $batch->later ? ' it' : '',
                $y + 18.0,
                e($batch->name()),
                $y + 34.0,
                e(
                    trans_choice('{1} :count hive|[2,*] :count hives', count($batch->byHive)).
                        ', '.
                        trans_choice('{1} :count super|[2,*] :count supers', count($batch->boxes())).
                        ', ~'.
                        $this->format->kg($batch->kg(), 0),
                ),
            );
            $out .= $window->svg(
                [
                    'ready' => $batch->ready->format('Y-m-d'),
                    'deadline' => $batch->offBy->format('Y-m-d'),
                    'treatment' => $batch->treatment,
                    'flow_ends' => $batch->flowEnds,
                    'later' => $batch->later,
                ],
                $y,
                self::ROW,
            );
        }

        return sprintf(
            '<svg class="chart" viewBox="0 0 %1$.0f %2$.0f" role="img" aria-label="%3$s">%4$s</svg>',
            self::WIDTH,
            $height,
            e(__('Between which days the supers of each yard should come in')),
            $out,
        );
    }
}
