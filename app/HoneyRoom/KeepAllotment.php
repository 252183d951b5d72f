<?php

declare(strict_types=1);

namespace App\HoneyRoom;

use App\Models\Lot;

/**
 * Writes what the buckets allot to each super, so that Compare finds it; called whenever a weight of the lot changes.
 */
final class KeepAllotment
{
    public static function of(Lot $lot): LotState
    {
        $lot->unsetRelations();
        $lot->load(['buckets', 'harvest.supers.hive']);
        $state = LotState::of($lot);
        foreach ($lot->harvest->supers as $super) {
            $got = $state->allotted->supers[$super->id] ?? null;
            $super->update([
                'allotted_kg' => $got === null ? null : round($got->kg, 3),
                'allotted_sd_kg' => $got === null ? null : round($got->sdKg, 3),
            ]);
        }

        return $state;
    }
}
