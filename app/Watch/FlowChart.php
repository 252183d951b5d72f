<?php

declare(strict_types=1);

namespace App\Watch;

use App\Support\Units\Formatter;
use DateTimeImmutable;

/** Daily gains of the scale hive as bars from a ground line; losses hang below it, unknown days are left out. */
final class FlowChart
{
    /** @param  array<string, ?float>  $gains kg by date */
    public function svg(array $gains, bool $presumed, Formatter $f, int $width = 712, int $height = 190): string
    {
        if ($gains === []) {
            return '';
        }
        $values = array_filter($gains, static fn (?float $gain): bool => $gain !== null);
        $most = max(1.0, $values === [] ? 1.0 : max($values));
        $least = min(-0.3, $values === [] ? 0.0 : min($values));
        $top = 20.0;
        $scale = ($height - $top - 30.0) / ($most - $least);
        $zero = $top + $most * $scale;
        $pitch = ($width - 40.0) / count($gains);
        $out = '';
        for ($kg = 0; $kg <= $most; $kg += $most > 4.0 ? 2 : 1) {
            $y = round($zero - $kg * $scale, 1);
            $out .=
                "<path class=\"rl\" d=\"M40 {$y}H$width\"/><text class=\"t12 soft\" x=\"34\" y=\"".
                ($y + 4).
                '" text-anchor="end">'.
                Formatter::number($f->massValue($kg), 0).
                '</text>';
        }
        $i = 0;
        foreach ($gains as $date => $gain) {
            $x = 40.0 + $i++ * $pitch;
            $day = new DateTimeImmutable($date);
            if ($gain !== null) {
                $bar = max(1.0, abs($gain) * $scale);
                $out .= sprintf(
                    '<rect class="fbar%s" x="%.1f" y="%.1f" width="%.1f" height="%.1f"><title>%s</title></rect>',
                    ($presumed ? ' pr' : '').($gain < 0 ? ' loss' : ''),
                    $x + 0.15 * $pitch,
                    $gain < 0 ? $zero : $zero - $bar,
                    0.7 * $pitch,
                    $bar,
                    e($f->day($day).': '.$f->kg($gain, 2)),
                );
            }
            if ($i % 5 === 1) {
                $out .=
                    '<text class="t12 soft" x="'.
                    round($x + 0.5 * $pitch, 1).
                    '" y="'.
                    ($height - 4).
                    '" text-anchor="middle">'.
                    e($f->day($day)).
                    '</text>';
            }
        }

        return '<svg class="chart" viewBox="0 0 '.
            $width.
            ' '.
            $height.
            '" role="img" aria-label="'.
            e(__('Gain of the scale hive by day, :unit', ['unit' => $f->massUnit()])).
            '">'.
            $out.
            '<text class="t12 soft" x="4" y="14">'.
            e(__(':unit a day', ['unit' => $f->massUnit()])).
            '</text><path class="gnd" d="M40 '.
            round($zero, 1).
            'H'.
            $width.
            '"/></svg>';
    }
}
