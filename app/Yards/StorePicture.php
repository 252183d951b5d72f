<?php

declare(strict_types=1);

namespace App\Yards;

use App\Drawing\Canvas;
use App\Drawing\Elevation;
use App\Drawing\Picture;
use App\Models\Apiary;
use App\Models\Box;
use Illuminate\Support\Collection;
use Marjoram\Core\Comb\BoxKind;

/** Boxes in store, drawn to the scale of the yard, each a link that takes it in hand. */
final class StorePicture
{
    private const PX_PER_MM = 0.13;

    private const WIDTH = 700.0;

    private const GAP = 8.0;

    private const LEAST_HIGH = 24.0;

    /**
     * @param  Collection<int, Box>  $store
     * @param  array<string, BoxKind>  $kinds
     */
    public static function of(Collection $store, array $kinds, Apiary $apiary): Picture
    {
        $canvas = new Canvas;
        $x = $y = $high = 0.0;
        foreach ($store as $box) {
            $kind = $kinds[$box->kind] ?? null;
            $width = self::PX_PER_MM * ($kind->externalWidthMm ?? Elevation::LEAST_MM);
            $height = max(self::LEAST_HIGH, self::PX_PER_MM * ($kind->externalHeightMm ?? 168.0));
            if ($x + $width > self::WIDTH) {
                [$x, $y, $high] = [0.0, $y + $high + self::GAP, 0.0];
            }
            self::box($canvas, $box, $kind, [$x, $y, $width, $height], $apiary);
            $x += $width + self::GAP;
            $high = max($high, $height);
        }
        $label = __('Boxes in store');

        return new Picture(self::WIDTH, $y + $high + 2.0, $canvas->shapes(), $label, 'storepicture', true);
    }

    /** @param  array{float, float, float, float}  $at  x, y, width, height */
    private static function box(Canvas $canvas, Box $box, ?BoxKind $kind, array $at, Apiary $apiary): void
    {
        [$x, $y, $width, $height] = $at;
        $words = __(':mark, :kind, in store', ['mark' => $box->mark, 'kind' => $kind->name ?? $box->kind]);
        $canvas->link(
            route('yards.yard', [$apiary->slug, 'box' => $box->id], false).'#hand',
            $words,
            static fn (Canvas $inside) => $inside->title($words)
                ->rect('bxo', $x + 1.0, $y + 1.0, $width - 2.0, $height - 2.0)
                ->rect('chosen', $x, $y, $width, $height)
                ->text('t13', $x + 0.5 * $width, $y + 0.5 * $height + 4.5, $box->mark, 'middle'),
            ['data-box' => $box->id],
        );
    }
}
