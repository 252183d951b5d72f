<?php

declare(strict_types=1);

namespace App\Pages\Practise;

use App\Drawing\Canvas;
use App\Drawing\Picture;
use App\Drawing\Shape;
use App\Foundation\Units\Formatter;
use Marjoram\Core\Practise\PractiseScale;

/** The field of a refractometer with its boundary, and the thermometer beside it. */
final class ScalePicture
{
    private const CLIP = ['clip-path' => 'url(#field)'];

    /** @param  string  $words  what is said to those who cannot see it */
    public static function of(PractiseScale $scale, string $words, Formatter $format): Picture
    {
        $edge = self::y($scale->shownPct);
        $canvas = new Canvas;
        $canvas->within('clipPath', ['id' => 'field'], static fn (Canvas $clip) => $clip->add(
            Shape::whole('circle', ['cx' => 170, 'cy' => 170, 'r' => 164]),
        ));
        $canvas->within('g', self::CLIP, static fn (Canvas $field) => $field
            ->rect('sf-dark', 0.0, 0.0, 340.0, $edge)
            ->rect('slot', 0.0, $edge, 340.0, 340.0)
            ->rect('slot', 166.0, 0.0, 80.0, 340.0));
        $canvas->circle('sf-rim', 170.0, 170.0, 164.0)->path('sf-tick', sprintf('M160 %.2fh12', $edge));
        self::ticks($canvas);
        self::thermometer($canvas, $scale->temperatureC, $format);

        return new Picture(490.0, 340.0, $canvas->shapes(), $words, 'practise-scale');
    }

    private static function ticks(Canvas $canvas): void
    {
        $last = (int) (10 * PractiseScale::TO_PCT);
        for ($tenth = (int) (10 * PractiseScale::FROM_PCT); $tenth <= $last; $tenth += 2) {
            $y = self::y($tenth / 10.0);
            $isWhole = $tenth % 10 === 0;
            $canvas->path('sf-tick', sprintf('M172 %.2fh%d', $y, $isWhole ? 34 : 18));
            if ($isWhole) {
                $canvas->text('t14 b', 214.0, $y + 5.0, (string) intdiv($tenth, 10));
            }
        }
    }

    private static function thermometer(Canvas $canvas, float $celsius, Formatter $format): void
    {
        $y = static fn (float $c): float => 300.0 - ($c - 5.0) / 30.0 * 260.0;
        $tube = ['class' => 'bxo', 'x' => 396, 'y' => 30, 'width' => 16, 'height' => 276, 'rx' => 8];
        $canvas->add(Shape::whole('rect', $tube))->path('sf-merc', sprintf('M404 304V%.1f', $y($celsius)));
        for ($c = 5; $c <= 35; $c++) {
            $isFifth = $c % 5 === 0;
            $canvas->path('sf-tick', sprintf('M414 %.1fh%d', $y($c), $isFifth ? 12 : 6));
            if ($isFifth) {
                $canvas->text('t14', 430.0, $y($c) + 5.0, $format->celsius((float) $c));
            }
        }
    }

    private static function y(float $pct): float
    {
        $share = ($pct - PractiseScale::FROM_PCT) / (PractiseScale::TO_PCT - PractiseScale::FROM_PCT);

        return 20.0 + $share * 300.0;
    }
}
