<?php

declare(strict_types=1);

namespace App\Pages\Watch;

use App\Apiary\Flow\YardFlow;
use App\Drawing\Canvas;
use App\Drawing\ChartParts;
use App\Drawing\Picture;
use App\Foundation\Units\Formatter;
use App\Foundation\Units\MassAxis;
use DateTimeImmutable;

/** Daily gains of the scale hive as bars from a ground line; losses hang below it, unknown days are left out. */
final readonly class FlowChart
{
    private const LEFT = 40.0;

    private const WIDTH = 712.0;

    private const TOP = 20.0;

    private const BELOW = 30.0;

    private const DAYS = 24;

    public function __construct(private Formatter $format)
    {
    }

    /** Null where there is nothing to draw. */
    public function of(YardFlow $flow, float $height = 190.0): ?Picture
    {
        $gains = array_slice($flow->gains(), -self::DAYS, null, true);
        if ($gains === []) {
            return null;
        }
        $known = array_filter($gains, static fn (?float $gain): bool => $gain !== null);
        $most = max([1.0, ...array_values($known)]);
        $least = min([-0.3, ...array_values($known)]);
        $scale = ($height - self::TOP - self::BELOW) / ($most - $least);
        $zero = self::TOP + $most * $scale;
        $canvas = new Canvas;
        foreach (MassAxis::between($this->format, 0.0, $most, 4)->ticks as [$kg, $label]) {
            ChartParts::rule($canvas, self::LEFT, self::WIDTH, $zero - $kg * $scale, $label);
        }
        $pitch = (self::WIDTH - self::LEFT) / count($gains);
        foreach (array_keys($gains) as $i => $date) {
            $x = self::LEFT + $i * $pitch;
            $this->day($canvas, new DateTimeImmutable($date), $x, $pitch, $i % 5 === 0 ? $height - 4.0 : null);
            if ($gains[$date] !== null) {
                $this->bar($canvas, $flow, $date, $gains[$date], $x, $zero, $pitch, $scale);
            }
        }
        $unit = ['unit' => $this->format->massUnit()];
        $canvas->text('t12 soft', 4.0, 14.0, __(':unit a day', $unit))
            ->line('gnd', self::LEFT, $zero, self::WIDTH, $zero);

        return new Picture(self::WIDTH, $height, $canvas->shapes(), __('Gain of the scale hive by day, :unit', $unit));
    }

    private function bar(
        Canvas $canvas,
        YardFlow $flow,
        string $date,
        float $gain,
        float $x,
        float $zero,
        float $pitch,
        float $scale,
    ): void {
        $words = $this->format->day(new DateTimeImmutable($date)).': '.$this->format->kg($gain, 2);
        $presumed = $flow->presumedFrom !== null;
        $canvas->titled($words, static fn (Canvas $inside) => ChartParts::gains(
            $inside,
            [[$x + 0.15 * $pitch, $gain]],
            $zero,
            0.7 * $pitch,
            $scale,
            $presumed,
        ));
    }

    private function day(Canvas $canvas, DateTimeImmutable $day, float $x, float $pitch, ?float $y): void
    {
        if ($y !== null) {
            $canvas->text('t12 soft', $x + 0.5 * $pitch, $y, $this->format->day($day), 'middle');
        }
    }
}
