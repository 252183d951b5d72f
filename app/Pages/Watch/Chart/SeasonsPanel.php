<?php

declare(strict_types=1);

namespace App\Pages\Watch\Chart;

use App\Drawing\Canvas;
use App\Drawing\ChartParts;
use App\Foundation\Units\Formatter;
use App\Foundation\Units\MassAxis;
use DateTimeImmutable;

/** What the hive on the scale gained since spring, handling left out; the seasons before on the same calendar. */
final readonly class SeasonsPanel
{
    private const LEAST_KG = 20.0;

    public function __construct(private Formatter $format, private float $top, private float $floor)
    {
    }

    public function on(Canvas $canvas, Watched $watched): void
    {
        $sums = array_map(self::sums(...), $watched->seasons);
        $all = array_merge([0.0], ...array_map(array_values(...), array_values($sums)));
        [$least, $most] = [min(-2.0, ...$all), max(self::LEAST_KG, ...$all)];
        $scale = ($this->floor - $this->top) / ($most - $least);
        $zero = $this->top + $most * $scale;
        foreach (MassAxis::between($this->format, 0.0, $most)->ticks as [$kg, $label]) {
            ChartParts::rule($canvas, WatchPicture::LEFT, WatchPicture::RIGHT, $zero - $kg * $scale, $label);
        }
        $taken = [];
        foreach (array_reverse($sums, true) as $season => $days) {
            $path = '';
            $end = null;
            foreach ($days as $date => $kg) {
                $x = $this->x($watched->window, $date, $season);
                if ($x > WatchPicture::RIGHT) {
                    break;
                }
                $end = [$x, $zero - $kg * $scale];
                $path .= Canvas::at($path === '' ? 'M' : 'L', $x, $zero - $kg * $scale);
            }
            $isThis = $season === $watched->window->season;
            $canvas->path($isThis ? 'wline' : 'wline old', $path);
            $isNear = static fn (float $y): bool => $end !== null && abs($y - $end[1]) < 11.0;
            $isFree = array_filter($taken, $isNear) === [];
            if ($end !== null && ($isFree || $isThis)) {
                $taken[] = $end[1];
                $isLate = $end[0] > WatchPicture::RIGHT - 34.0;
                $canvas->text(
                    $isThis ? 't13 b halo2' : 't12 soft halo2',
                    $isLate ? WatchPicture::RIGHT : $end[0] + 4.0,
                    $end[1] + ($isLate ? -4.0 : 4.0),
                    (string) $season,
                    $isLate ? 'end' : 'start',
                );
            }
        }
        $canvas->text('t12 soft', WatchPicture::LEFT + 2.0, $this->top - 6.0, __('gained since spring, :unit', [
            'unit' => $this->format->massUnit(),
        ]));
        Handlings::on($canvas, $watched, $this->format, $this->top);
    }

    /**
     * @param  array<string, ?float>  $gains
     * @return array<string, float>
     */
    private static function sums(array $gains): array
    {
        $sum = 0.0;
        $sums = [];
        foreach ($gains as $date => $kg) {
            $sum += $kg ?? 0.0;
            $sums[$date] = $sum;
        }

        return $sums;
    }

    /** A day of another season stands where its day of this one does. */
    private function x(Window $window, string $date, int $season): float
    {
        $at = new DateTimeImmutable($date, $window->from->getTimezone());

        return WatchPicture::x($window, $at->modify($window->season - $season.' years'));
    }
}
