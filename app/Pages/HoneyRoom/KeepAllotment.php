<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom;

use App\Models\Lot;
use App\Models\Station;
use App\Models\TakenSuper;

/**
 * Writes what the buckets allot to each super, so that Compare finds it; called whenever a weight of the lot changes.
 */
final class KeepAllotment
{
    public static function of(Lot $lot): LotState
    {
        $lot->unsetRelations();
        $lot->load(['buckets', 'capping', 'harvest.supers.hive', 'harvest.supers.spinning.run']);
        $state = LotState::of($lot);
        foreach ($lot->harvest->supers as $super) {
            // What is half spun is not known yet; its judged honey stands until it is.
            $got = $super->shareOut() > 0.0 && $super->shareOut() < 1.0
                ? null
                : $state->allotted->supers[$super->id] ?? null;
            [$kg, $sd] = $super->isInBuckets() ? [$got?->kg, $got?->sdKg] : self::otherwise($super);
            $super->update([
                'allotted_kg' => $kg === null ? null : round($kg, 3),
                'allotted_sd_kg' => $sd === null ? null : round($sd, 3),
            ]);
        }

        return $state;
    }

    /** @return array{?float, ?float} what it gave that is in no bucket: as weighed, as judged, or nothing known */
    private static function otherwise(TakenSuper $super): array
    {
        return match (true) {
            $super->station === Station::Missing => [0.0, 0.0],
            $super->used_kg !== null => [$super->used_kg, 0.0],
            default => [null, null],
        };
    }
}
