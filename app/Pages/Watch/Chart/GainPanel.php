<?php

declare(strict_types=1);

namespace App\Pages\Watch\Chart;

use App\Drawing\Canvas;
use App\Drawing\ChartParts;
use App\Foundation\Units\Formatter;
use App\Foundation\Units\MassAxis;
use DateTimeImmutable;
use Marjoram\Core\Numerics\Normal;

/** What each day brought; losses hang below the line. Behind today, what the next five are expected to bring. */
final readonly class GainPanel
{
    private const AHEAD = 5;

    public function __construct(private Formatter $format, private float $top, private float $floor)
    {
    }

    public function on(Canvas $canvas, Watched $watched): void
    {
        $gains = $watched->gains();
        $known = array_filter($gains, static fn (?float $kg): bool => $kg !== null);
        $filter = $watched->flow->filter;
        $each = $filter === null ? 0.0 : $filter->nextKg / self::AHEAD;
        $spread = $filter === null ? 0.0 : Normal::EIGHTY * $filter->nextSdKg / self::AHEAD;
        $most = max([1.0, $each + $spread, ...array_values($known)]);
        $least = min([-0.3, $each - $spread, ...array_values($known)]);
        $scale = ($this->floor - $this->top) / ($most - $least);
        $zero = $this->top + $most * $scale;
        $bars = [];
        $zone = $watched->window->from->getTimezone();
        $wide = 0.0;
        foreach ($known as $date => $kg) {
            $day = new DateTimeImmutable($date, $zone);
            $x = WatchPicture::x($watched->window, $day);
            $wide = WatchPicture::x($watched->window, $day->modify('+1 day')) - $x;
            $bars[] = [$x + 0.12 * $wide, $kg];
        }
        $ticks = MassAxis::between($this->format, 0.0, $most, 2)->ticks;
        [$top, $label] = $ticks[count($ticks) - 1];
        if ($top > 0.0) {
            ChartParts::rule($canvas, WatchPicture::LEFT, WatchPicture::RIGHT, $zero - $top * $scale, "+$label");
        }
        ChartParts::gains($canvas, $bars, $zero, 0.76 * $wide, $scale, $watched->flow->presumedFrom !== null);
        $canvas->line('gnd', WatchPicture::LEFT, $zero, WatchPicture::RIGHT, $zero)
            ->text('t12 soft', WatchPicture::LEFT - 6.0, $zero + 4.0, '0', 'end')
            ->text('t12 soft', WatchPicture::LEFT + 2.0, $this->top - 4.0, __(':unit a day', [
                'unit' => $this->format->massUnit(),
            ]));
        $from = $watched->now->setTime(0, 0)->modify('+1 day');
        if ($filter !== null && $watched->window->holds($from)) {
            [$low, $high] = [$zero - ($each - $spread) * $scale, $zero - ($each + $spread) * $scale];
            $this->ahead($canvas, $watched, $from, [$low, $high]);
        }
    }

    /** @param  array{float, float}  $band  y of the low and of the high end */
    private function ahead(Canvas $canvas, Watched $watched, DateTimeImmutable $from, array $band): void
    {
        [$low, $high] = $band;
        $left = WatchPicture::x($watched->window, $from);
        $to = min($watched->window->to, $from->modify('+'.self::AHEAD.' days'));
        $right = WatchPicture::x($watched->window, $to);
        $words = __('next five days :kg, in 8 of 10 cases', [
            'kg' => $this->format->gainRange($watched->flow->filter->nextKg ?? 0.0, $watched->flow->filter->nextSdKg ?? 0.0),
        ]);
        $canvas->titled($words, static fn (Canvas $inside) => $inside->rect('ahead', $left, $high, $right - $left, $low - $high));
    }
}
