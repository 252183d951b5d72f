<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Apiary;
use App\Models\BoxPlace;
use App\Models\Clearing;
use App\Models\FrozenClearing;
use App\Models\Hive;

/** Clearings of the demo as they were planned, whatever is ripe. */
trait PlannedClearings
{
    /** @param  array<string, int>  $hives  supers that come off each, from the lowest */
    private function plan(string $yard, string $method, string $first, ?string $second, array $hives): Clearing
    {
        $this->demo();
        $plan = Clearing::query()->create([
            'apiary_id' => Apiary::query()->where('slug', $yard)->firstOrFail()->id,
            'method' => $method,
            'first_on' => $first,
            'second_on' => $second,
            'person_minutes' => 40,
            'frozen' => new FrozenClearing,
        ]);
        foreach ($hives as $code => $count) {
            $hive = Hive::query()->where('code', $code)->firstOrFail();
            foreach (
                BoxPlace::query()
                    ->where('hive_id', $hive->id)
                    ->where('role', 'super')
                    ->whereNull('until')
                    ->orderBy('position')
                    ->limit($count)
                    ->get() as $place
            ) {
                $plan->items()->create(['hive_id' => $hive->id, 'box_id' => $place->box_id]);
            }
        }

        return $plan;
    }
}
