<?php

declare(strict_types=1);

namespace App\HoneyRoom;

use App\Drawing\BoxSection;
use App\Support\Units\Formatter;

/** What each hive gave of a lot: a bar in honey colour with its range, the judged amount as a dashed outline. */
final class AllotChart
{
    private const ROW = 30.0;

    public function svg(LotState $state, Formatter $f): string
    {
        $judged = [];
        foreach ($state->lot->harvest->supers as $super) {
            $judged[$super->hive->code] = ($judged[$super->hive->code] ?? 0.0) + $super->estimate_kg;
        }
        uksort($judged, strnatcmp(...));
        $hives = $state->allotted->hives ?? [];
        $most = max(
            1.0,
            ...array_values($judged),
            ...array_map(static fn (array $hive): float => $hive['kg'] + 2 * $hive['sdKg'], array_values($hives)),
        );
        $scale = 520.0 / $most;
        $out = '';
        $y = 4.0;
        foreach ($judged as $code => $kg) {
            $out .=
                '<text class="t16 b" x="0" y="'.
                ($y + 19).
                '">'.
                e((string) $code).
                '</text>'.
                BoxSection::rect('gap', 56.0, $y + 2, $kg * $scale, 22.0);
            if (isset($hives[$code])) {
                $got = $hives[$code];
                $end = 56.0 + $got['kg'] * $scale;
                $out .=
                    BoxSection::rect('crop', 56.0, $y + 5, $got['kg'] * $scale, 16.0).
                    sprintf(
                        '<path class="whisk" d="M%.1f %.1fH%.1f"/>',
                        $end - 1.28 * $got['sdKg'] * $scale,
                        $y + 13,
                        $end + 1.28 * $got['sdKg'] * $scale,
                    ).
                    '<text class="t16 halo2" x="'.
                    round($end + 1.28 * $got['sdKg'] * $scale + 8, 1).
                    '" y="'.
                    ($y + 19).
                    '">'.
                    e($f->kg($got['kg'])).
                    '</text>';
            } else {
                $out .=
                    '<text class="t16 it soft" x="'.
                    round(64.0 + $kg * $scale, 1).
                    '" y="'.
                    ($y + 19).
                    '">~'.
                    e($f->kg($kg)).
                    '</text>';
            }
            $y += self::ROW;
        }

        return '<svg class="chart" viewBox="0 0 712 '.
            ($y + 4).
            '" role="img" aria-label="'.
            e(__('What each hive gave of lot :lot', ['lot' => $state->lot->code])).
            '">'.
            $out.
            '<path class="gnd" d="M56 0V'.
            $y.
            '"/></svg>';
    }
}
