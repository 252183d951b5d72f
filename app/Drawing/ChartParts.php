<?php

declare(strict_types=1);

namespace App\Drawing;

/** The parts that charts share: rules with their labels, whiskers, bars, bands, the heads of days. */
final class ChartParts
{
    /** A line across with its label left of it. */
    public static function rule(
        Canvas $canvas,
        float $left,
        float $right,
        float $y,
        string $label = '',
        string $class = 'rl',
    ): void {
        $canvas->line($class, $left, $y, $right, $y);
        if ($label !== '') {
            $canvas->text('t12 soft', $left - 6.0, $y + 4.0, $label, 'end');
        }
    }

    /** From low to high, with a stroke at both ends. */
    public static function whisker(Canvas $canvas, float $x, float $low, float $high): void
    {
        $ends = Canvas::at('M', $x - 4.0, $low).'h8'.Canvas::at('M', $x - 4.0, $high).'h8';
        $canvas->path('whisk', Canvas::at('M', $x, $low).'V'.round($high, 1).$ends);
    }

    /** The same lying down. */
    public static function whiskerAcross(Canvas $canvas, float $y, float $low, float $high, float $end = 0.0): void
    {
        $stroke = 'v'.(2.0 * $end);
        $ends = $end > 0.0
            ? Canvas::at('M', $low, $y - $end).$stroke.Canvas::at('M', $high, $y - $end).$stroke
            : '';
        $canvas->path('whisk', Canvas::at('M', $low, $y).'H'.round($high, 1).$ends);
    }

    /**
     * What days brought, from the ground up; a loss hangs below it.
     *
     * @param  list<array{float, float}>  $gains  left end, gain
     * @param  float  $scale  px a unit of gain
     */
    public static function gains(
        Canvas $canvas,
        array $gains,
        float $ground,
        float $width,
        float $scale,
        bool $presumed,
    ): void {
        $class = 'fbar'.($presumed ? ' pr' : '');
        $layers = new Layers($class, "$class loss");
        foreach ($gains as [$x, $gain]) {
            $height = max(1.0, abs($gain) * $scale);
            $gain < 0.0
                ? $layers->add("$class loss", Canvas::box($x, $ground, $width, $height))
                : $layers->add($class, Canvas::box($x, $ground - $height, $width, $height));
        }
        $layers->on($canvas);
    }

    /**
     * A line through points, and a band about it.
     *
     * @param  list<array{float, float, float, float}>  $points  x, low, middle, high
     */
    public static function band(Canvas $canvas, array $points): void
    {
        $band = $line = '';
        foreach ($points as [$x, , $middle, $high]) {
            $band .= Canvas::at($band === '' ? 'M' : 'L', $x, $high);
            $line .= Canvas::at($line === '' ? 'M' : 'L', $x, $middle);
        }
        foreach (array_reverse($points) as [$x, $low]) {
            $band .= Canvas::at('L', $x, $low);
        }
        $canvas->path('mwash', $band === '' ? '' : $band.'z')->path('mline', $line);
    }

    /** The ground line, with soil under it. */
    public static function ground(Canvas $canvas, float $y, float $width): void
    {
        $canvas->line('gnd', 0.0, $y, $width, $y)->rect('soil', 0.0, $y, $width, 5.0);
    }

    /** The weekday above the number of a day, over a column. */
    public static function dayHead(
        Canvas $canvas,
        float $x,
        float $wide,
        string $weekday,
        string $number,
        string $class = 't12 b',
    ): void {
        $middle = $x + 0.5 * $wide;
        $canvas->text('t12 soft', $middle, 10.0, $weekday, 'middle')->text($class, $middle, 24.0, $number, 'middle');
    }

    /** A thread down at today. */
    public static function thread(Canvas $canvas, float $x, float $from, float $to): void
    {
        $canvas->line('thread', $x, $from, $x, $to);
    }
}
