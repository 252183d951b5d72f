<?php

declare(strict_types=1);

namespace Marjoram\Core\Reserve;

/**
 * Which boxes stay: all brood boxes, then the ripe supers of least total honey that reach the need; of
 * equals the fewest boxes. Exact search over the sets of supers, 2^n (a hive has few).
 */
final class BoxChoice
{
    /**
     * @param  list<StoredBox>  $boxes
     * @return list<StoredBox> the boxes that stay; all ripe ones where even they do not suffice
     */
    public static function least(array $boxes, float $needKg): array
    {
        $kept = array_values(array_filter($boxes, static fn (StoredBox $box): bool => $box->brood));
        $ripe = array_values(array_filter($boxes, static fn (StoredBox $box): bool => ! $box->brood && $box->ripe));
        $missing = $needKg - array_sum(array_map(static fn (StoredBox $box): float => $box->honeyKg, $kept));
        if ($missing <= 0.0) {
            return $kept;
        }
        $best = null;
        $bestKey = [INF, INF];
        for ($set = 0; $set < 1 << count($ripe); $set++) {
            $chosen = array_values(
                array_filter($ripe, static fn (int $i): bool => (($set >> $i) & 1) === 1, ARRAY_FILTER_USE_KEY),
            );
            $honey = array_sum(array_map(static fn (StoredBox $box): float => $box->honeyKg, $chosen));
            $key = [round($honey, 9), count($chosen)];
            if ($honey >= $missing && $key < $bestKey) {
                [$best, $bestKey] = [$chosen, $key];
            }
        }

        return [...$kept, ...$best ?? $ripe];
    }
}
