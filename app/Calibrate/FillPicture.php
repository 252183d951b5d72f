<?php

declare(strict_types=1);

namespace App\Calibrate;

use App\Support\Units\Formatter;

/** Each weighing as weighed over estimated on one line, with what was presumed above it and what is learnt below it. */
final class FillPicture
{
    private const FROM = 0.6;

    private const TO = 1.4;

    public static function svg(KindFill $fill, Formatter $f, string $title): string
    {
        $x = static fn (float $ratio): float => 20.0 +
            ((min(self::TO, max(self::FROM, $ratio)) - self::FROM) / (self::TO - self::FROM)) * 680.0;
        $out = '<path class="rl2" d="M20 52H700"/>';
        foreach ([0.6, 0.8, 1.0, 1.2, 1.4] as $tick) {
            $out .= sprintf(
                '<path class="rl2" d="M%1$.1f 48v8"/><text class="t12 soft" x="%1$.1f" y="92" text-anchor="middle">%2$.1f</text>',
                $x($tick),
                $tick,
            );
        }
        foreach ($fill->weighings as $one) {
            $out .= sprintf(
                '<circle class="gf gl" cx="%.1f" cy="52" r="4"><title>%s</title></circle>',
                $x($one->ratio()),
                e(
                    __(':weighed weighed, ~:estimate estimated', [
                        'weighed' => $f->kg($one->weighedKg, 2),
                        'estimate' => $f->kg($one->estimateKg, 2),
                    ]),
                ),
            );
        }
        foreach (
            [
                [1.0, $fill->learnt->priorSd, 24.0, __('presumed')],
                [$fill->learnt->factor, $fill->learnt->sd, 72.0, __('learnt')],
            ] as [$mean, $sd, $y, $words]
        ) {
            $out .= sprintf(
                '<path class="whisk" d="M%1$.1f %2$.1fH%3$.1f"/><rect class="wall" x="%4$.1f" y="%5$.1f" width="4" height="12"/><text class="t12 soft" x="%6$.1f" y="%7$.1f">%8$s</text>',
                $x($mean - 1.2816 * $sd),
                $y,
                $x($mean + 1.2816 * $sd),
                $x($mean) - 2.0,
                $y - 6.0,
                $x($mean + 1.2816 * $sd) + 8.0,
                $y + 4.0,
                e($words),
            );
        }

        return '<svg class="chart" viewBox="0 0 720 98" role="img" aria-label="'.e($title).'">'.$out.'</svg>';
    }
}
