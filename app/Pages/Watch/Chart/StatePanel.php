<?php

declare(strict_types=1);

namespace App\Pages\Watch\Chart;

use App\Drawing\Canvas;
use App\Foundation\Units\Formatter;
use DateTimeImmutable;
use Marjoram\Core\Flow\Filter\EndedRange;

/** Probability of a strong and of a slow flow on each day; the rest is no flow. */
final readonly class StatePanel
{
    public function __construct(private Formatter $format, private float $top, private float $floor)
    {
    }

    public function on(Canvas $canvas, Watched $watched): void
    {
        $window = $watched->window;
        $zone = $window->from->getTimezone();
        $high = $this->floor - $this->top;
        $edges = [];
        $most = [0.0, null];
        foreach ($watched->flow->filter->days ?? [] as $day) {
            $from = new DateTimeImmutable($day->date, $zone);
            if (! $window->holds($from)) {
                continue;
            }
            $x = WatchPicture::x($window, $from);
            $wide = WatchPicture::x($window, $from->modify('+1 day')) - $x;
            $a = $high * $day->p->strong;
            $b = $high * $day->p->slow;
            $edges[] = [$x, $x + $wide, $this->floor - $a, $this->floor - $a - $b];
            $most = $day->p->strong > $most[0] ? [$day->p->strong, $x] : $most;
        }
        $canvas->path('st2', $this->steps($edges, 3))->path('st1', $this->steps($edges, 2));
        if ($edges === []) {
            $canvas->text('t12 soft', WatchPicture::LEFT + 4.0, $this->floor - 8.0, __('these days are not judged'));
        }
        if ($most[1] !== null && $most[0] > 0.6) {
            $x = max(WatchPicture::LEFT + 24.0, $most[1]);
            $canvas->text('t12 b halo2', $x, $this->floor - 8.0, __('strong'), 'middle');
        }
        $canvas->line('gnd', WatchPicture::LEFT, $this->floor, WatchPicture::RIGHT, $this->floor)
            ->text('t12 soft', WatchPicture::LEFT - 6.0, $this->top + 8.0, '100 %', 'end')
            ->text('t12 soft', WatchPicture::LEFT - 6.0, $this->floor, '0', 'end');
        $ended = $watched->flow->filter?->ended;
        if ($ended !== null) {
            $this->ended($canvas, $window, $ended);
        }
    }

    /**
     * An area under steps.
     *
     * @param  list<array{float, float, float, float}>  $edges  left, right, and the tops of both areas
     * @param  2|3  $of
     */
    private function steps(array $edges, int $of): string
    {
        $path = '';
        foreach ($edges as $edge) {
            $path .= $path === '' ? Canvas::at('M', $edge[0], $this->floor) : '';
            $path .= Canvas::at('L', $edge[0], $edge[$of]).'H'.round($edge[1], 1);
        }

        return $path === '' ? '' : $path.'V'.round($this->floor, 1).'z';
    }

    private function ended(Canvas $canvas, Window $window, EndedRange $ended): void
    {
        $zone = $window->from->getTimezone();
        $at = static fn (string $date): DateTimeImmutable => new DateTimeImmutable($date, $zone);
        if (! $window->holds($at($ended->median))) {
            return;
        }
        $y = $this->top - 4.0;
        $x = WatchPicture::x($window, $at($ended->median));
        $left = WatchPicture::x($window, max($window->from, $at($ended->from)));
        $right = WatchPicture::x($window, min($window->to, $at($ended->to)));
        $ends = Canvas::at('M', $left, $y - 4.0).'v8'.Canvas::at('M', $right, $y - 4.0).'v8';
        $canvas->path('whisk', Canvas::at('M', $left, $y).'H'.round($right, 1).$ends)
            ->circle('mdot', $x, $y, 4.0)
            ->text('t12 b halo2', $left - 6.0, $y + 4.0, __('ended about :day', [
                'day' => $this->format->day($at($ended->median)),
            ]), 'end');
    }
}
