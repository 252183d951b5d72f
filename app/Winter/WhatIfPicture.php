<?php

declare(strict_types=1);

namespace App\Winter;

use App\Drawing\BoxSection;
use App\Support\Units\Formatter;
use App\YardState\BoxState;
use App\YardState\YardPicture;
use Marjoram\Core\Reserve\ReserveResult;

/** The parts of "what if": one box in section, and stores against need on one scale. */
final readonly class WhatIfPicture
{
    private const PX_PER_MM = 0.24;

    public function __construct(private Formatter $format)
    {
    }

    public function box(\App\YardState\Winter\HiveWinter $hive, BoxState $box): string
    {
        $drawn = (new YardPicture(null, $this->format))->box($hive->state, $box, null);
        $width = $drawn->widthMm * self::PX_PER_MM;
        $height = $drawn->heightMm * self::PX_PER_MM;

        return sprintf(
            '<svg viewBox="0 0 %1$.1f %2$.1f" width="%1$.1f" height="%2$.1f" aria-hidden="true">%3$s<path class="joint" d="M0 .5H%1$.1fM0 %4$.1fH%1$.1f"/></svg>',
            $width,
            $height,
            (new BoxSection(self::PX_PER_MM))->svg($drawn, 0.0, 0.0),
            $height - 0.5,
        );
    }

    public function scale(ReserveResult $result): string
    {
        $most = max(
            10.0,
            1.08 *
                max(
                    $result->storesKg + 1.28 * $result->storesSdKg,
                    $result->needQuantileKg,
                    $result->needMeanKg + 1.28 * $result->needSdKg,
                ),
        );
        $x = static fn (float $kg): float => 8.0 + (max(0.0, $kg) / $most) * 424.0;
        $out = '';
        $step = $most > 60.0 ? 20 : ($most > 24.0 ? 10 : 5);
        for ($kg = 0; $kg <= $most; $kg += $step) {
            $out .= sprintf(
                '<path class="rl" d="M%1$.1f 6v66"/><text class="t12 soft" x="%1$.1f" y="86" text-anchor="middle">%2$s</text>',
                $x($kg),
                Formatter::number($this->format->massValue($kg), 0),
            );
        }
        $out .=
            BoxSection::rect(
                'mwash',
                $x($result->needMeanKg - 1.28 * $result->needSdKg),
                40.0,
                $x($result->needMeanKg + 1.28 * $result->needSdKg) - $x($result->needMeanKg - 1.28 * $result->needSdKg),
                28.0,
            ).
            sprintf('<path class="mline" d="M%1$.1f 36v36"/>', $x($result->needQuantileKg)).
            BoxSection::rect('crop', $x(0.0), 12.0, $x($result->storesKg) - $x(0.0), 18.0).
            sprintf(
                '<path class="whisk" d="M%1$.1f 21H%2$.1fM%1$.1f 17v8M%2$.1f 17v8"/>',
                $x($result->storesKg - 1.28 * $result->storesSdKg),
                $x($result->storesKg + 1.28 * $result->storesSdKg),
            );

        return '<svg class="chart" viewBox="0 0 440 92" role="img" aria-label="'.
            e(
                __('Stores :stores against a need of up to :need', [
                    'stores' => $this->format->kg($result->storesKg),
                    'need' => $this->format->kg($result->needQuantileKg),
                ]),
            ).
            '">'.
            $out.
            '</svg>';
    }
}
