<?php

declare(strict_types=1);

namespace App\Winter;

use App\Drawing\BoxSection;
use App\Drawing\Elevation;
use App\Support\Units\Formatter;

/** Stores that stay against the need, hive by hive under its stack in the elevation above. */
final class StoresChart
{
    private const HEIGHT = 170.0;

    /** @param  array<string, \App\YardState\Winter\HiveWinter>  $winters */
    public function svg(array $winters, Formatter $f): string
    {
        $most = 10.0;
        foreach ($winters as $winter) {
            $most = max(
                $most,
                $winter->reserve->storesKg + 1.3 * $winter->reserve->storesSdKg,
                $winter->reserve->needQuantileKg,
            );
        }
        $y = static fn (float $kg): float => round(
            self::HEIGHT - 10.0 - ($kg / ($most * 1.05)) * (self::HEIGHT - 30.0),
            1,
        );
        $pitch = (new Elevation)->pitch($this->widestMm($winters), count($winters));
        $width = $pitch * count($winters);
        $out = $labels = '';
        for ($kg = 0; $kg <= $most; $kg += 10) {
            $out .= '<path class="rl" d="M0 '.$y($kg).'H'.$width.'"/>';
            $labels .=
                '<text class="t12 soft halo2" x="2" y="'.
                ($y($kg) - 3).
                '">'.
                Formatter::number($f->massValue($kg), 0).
                '</text>';
        }
        $i = 0;
        foreach ($winters as $code => $winter) {
            $x = ($i++ + 0.5) * $pitch;
            $wide = min(22.0, 0.4 * $pitch);
            $r = $winter->reserve;
            $out .=
                '<g class="colm" data-hive="'.
                e((string) $code).
                '">'.
                BoxSection::rect('selw', $x - 0.5 * $pitch + 1, 0, $pitch - 2, self::HEIGHT).
                '</g>';
            $out .= BoxSection::rect(
                'mwash',
                $x - 0.38 * $pitch,
                $y($r->needMeanKg + 1.28 * $r->needSdKg),
                0.76 * $pitch,
                max(1.0, $y(max(0.0, $r->needMeanKg - 1.28 * $r->needSdKg)) - $y($r->needMeanKg + 1.28 * $r->needSdKg)),
            );
            $out .= BoxSection::rect('crop', $x - 0.5 * $wide, $y($r->storesKg), $wide, $y(0.0) - $y($r->storesKg));
            if ($r->shortfallKg > 0.5) {
                $out .= BoxSection::rect(
                    'gap',
                    $x - 0.5 * $wide,
                    $y($r->storesKg + $r->shortfallKg),
                    $wide,
                    $y($r->storesKg) - $y($r->storesKg + $r->shortfallKg),
                );
            }
            $out .=
                '<path class="mline" d="M'.
                round($x - 0.38 * $pitch, 1).
                ' '.
                $y($r->needQuantileKg).
                'h'.
                round(0.76 * $pitch, 1).
                '"/>';
            [$lo, $hi] = [$y(max(0.0, $r->storesKg - 1.28 * $r->storesSdKg)), $y($r->storesKg + 1.28 * $r->storesSdKg)];
            $out .= "<path class=\"whisk\" d=\"M$x {$lo}V{$hi}M".($x - 4)." {$lo}h8M".($x - 4)." {$hi}h8\"/>";
        }

        return '<svg class="columns" viewBox="0 0 '.
            $width.
            ' '.
            self::HEIGHT.
            '" width="'.
            $width.
            '" height="'.
            self::HEIGHT.
            '" role="img" aria-label="'.
            e(__('Stores that stay against the need of each hive, :unit', ['unit' => $f->massUnit()])).
            '">'.
            $out.
            $labels.
            '<path class="gnd" d="M0 '.
            $y(0.0).
            'H'.
            $width.
            '"/></svg>';
    }

    /** @param  array<string, \App\YardState\Winter\HiveWinter>  $winters */
    private function widestMm(array $winters): float
    {
        $widest = 413.0;
        foreach ($winters as $winter) {
            foreach ($winter->state->boxes as $box) {
                $widest = max($widest, $box->fitted->kind->externalWidthMm);
            }
        }

        return $widest;
    }
}
