<?php

declare(strict_types=1);

namespace App\Pages\Rounds;

use App\Drawing\Canvas;
use App\Models\Schedules\AskedDates;
use DateTimeImmutable;

/**
 * Within a row of days: between which of them supers should come in, what sets the last one, and from when nothing
 * flowers. Used by the schedule's picture and before there is one.
 */
final readonly class DayWindow
{
    /** @var list<string> as Y-m-d */
    private array $dates;

    /** @param  list<DateTimeImmutable>  $days */
    public function __construct(array $days, private float $left, private float $wide)
    {
        $this->dates = array_map(static fn (DateTimeImmutable $day): string => $day->format('Y-m-d'), $days);
    }

    public function draw(Canvas $canvas, AskedDates $dates, bool $later, float $y, float $height): void
    {
        $from = $this->x($this->place($dates->ready));
        $to = $this->x($this->place($dates->offBy) + 1);
        $canvas->rect($later ? 'window later' : 'window', $from, $y + 3.0, $to - $from, $height - 6.0);
        if ($dates->treatment !== null && $this->has($dates->treatment)) {
            $x = $this->x($this->place($dates->treatment) + 1) - 2.0;
            $pole = Canvas::at('M', $x, $y + 2.0).'v'.round($height - 4.0, 1);
            $flag = Canvas::at('M', $x, $y + 4.0).'h-9l3 4l-3 4h9';
            self::sign($canvas, __('supers off for treatment'), $pole.$flag);
        }
        if ($dates->flowEnds !== null && $dates->flowEnds->format('Y-m-d') <= $this->dates[count($this->dates) - 1]) {
            $this->dearth($canvas, $dates->flowEnds, $y, $height);
        }
    }

    private function dearth(Canvas $canvas, DateTimeImmutable $from, float $y, float $height): void
    {
        $x = $this->x($this->place($from));
        $bottom = $y + $height - 2.5;
        $end = $this->x(count($this->dates));
        $canvas->titled(
            __('nothing flowers: robbers are about'),
            static fn (Canvas $inside) => $inside->line('dearth', $x, $bottom, $end, $bottom),
        );
        if ($this->has($from)) {
            // A flower that hangs its head.
            $flower = Canvas::at('M', $x + 3.0, $y + $height - 4.0).'v-12q0 -7 6 -7q5 0 5 6m-4 -2l4 4l4 -4';
            self::sign($canvas, __('end of the flow'), $flower);
        }
    }

    private static function sign(Canvas $canvas, string $title, string $d): void
    {
        $draw = static fn (Canvas $sign) => $sign->title($title)->path('', $d);
        $canvas->within('g', ['class' => 'flag'], $draw);
    }

    private function has(DateTimeImmutable $day): bool
    {
        return in_array($day->format('Y-m-d'), $this->dates, true);
    }

    /** Before the first day it is 0; after the last, the last. */
    private function place(DateTimeImmutable $day): int
    {
        $date = $day->format('Y-m-d');
        $before = count(array_filter($this->dates, static fn (string $one): bool => $one < $date));

        return min($before, count($this->dates) - 1);
    }

    private function x(int $place): float
    {
        return $this->left + $place * $this->wide;
    }
}
