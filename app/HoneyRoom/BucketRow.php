<?php

declare(strict_types=1);

namespace App\HoneyRoom;

use App\Drawing\BoxSection;
use App\Models\Bucket;
use App\Models\Lot;
use App\Support\Units\Formatter;

/** The buckets of a lot, filled to what they hold; dashed those still expected. */
final class BucketRow
{
    private const FULL_KG = 27.0;

    public function svg(Lot $lot, float $judgedKg, Formatter $f): string
    {
        $nets = array_values(
            $lot->buckets->map(fn (Bucket $bucket): float => $bucket->gross_kg - $bucket->tare_kg)->all(),
        );
        $weighed = array_sum($nets);
        $missing = $weighed < 0.6 * $judgedKg ? (int) ceil(($judgedKg - $weighed) / self::FULL_KG) : 0;
        $out = '';
        $x = 2.0;
        foreach ([...$nets, ...array_fill(0, $missing, null)] as $net) {
            if ($net !== null) {
                $height = min(1.0, $net / self::FULL_KG) * 40.0;
                $out .= BoxSection::rect('cap', $x + 2, 56.0 - $height, 28.0, $height);
            }
            $out .=
                '<path class="bk'.
                ($net === null ? ' exp' : '').
                '" d="M'.
                $x.
                ' 14l2 42h28l2-42z"/><path class="bk'.
                ($net === null ? ' exp' : '').
                '" d="M'.
                ($x + 1).
                ' 14q15-12 30 0"/>';
            $x += 40.0;
        }

        return '<svg class="chart" viewBox="0 0 712 60" role="img" aria-label="'.
            e(__(':n buckets weighed, :kg', ['n' => count($nets), 'kg' => $f->kg($weighed)])).
            '">'.
            $out.
            '<text class="t20 b" x="'.
            min(560.0, $x + 8).
            '" y="46">'.
            e($f->kg($weighed)).
            '</text></svg>';
    }
}
