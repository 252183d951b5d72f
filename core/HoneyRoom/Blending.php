<?php

declare(strict_types=1);

namespace Marjoram\Core\HoneyRoom;

use Marjoram\Core\InvalidInput;

/**
 * The greatest mass that can be mixed at or under a limit of water: the driest first, the last one in part. That is the
 * best there is (a fractional knapsack: of two kilograms that go in, the drier one leaves more room).
 */
final class Blending
{
    /**
     * @param  list<WetBucket>  $buckets
     * @param  float  $limitPct  10 to 30
     *
     * @throws InvalidInput when the limit is out of range
     */
    public function blend(array $buckets, float $limitPct): BlendResult
    {
        InvalidInput::unlessWithin($limitPct, 10.0, 30.0, 'The limit', '/limit_pct');
        $key = static fn (WetBucket $one): array => [$one->waterPct, $one->id];
        usort($buckets, static fn (WetBucket $a, WetBucket $b): int => $key($a) <=> $key($b));
        $take = $left = [];
        $kg = $water = 0.0;
        foreach ($buckets as $bucket) {
            // Room for water above the limit that what is in already leaves.
            $room = $limitPct * $kg - $water;
            $fits = $bucket->waterPct <= $limitPct
                ? $bucket->kg
                : min($bucket->kg, max(0.0, $room) / ($bucket->waterPct - $limitPct));
            if ($fits > 0.0) {
                $take[] = new WetBucket($bucket->id, $fits, $bucket->waterPct);
                $kg += $fits;
                $water += $fits * $bucket->waterPct;
            }
            if ($fits < $bucket->kg) {
                $left[] = new WetBucket($bucket->id, $bucket->kg - $fits, $bucket->waterPct);
            }
        }

        return new BlendResult($take, $kg, $kg > 0.0 ? $water / $kg : null, $left);
    }
}
