<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Harvest;
use App\Models\Hive;
use App\Models\TakenSuper;
use Illuminate\Database\Eloquent\Factories\Factory;

/**
 * A super that came in from a hive, its honey estimated.
 *
 * @extends Factory<TakenSuper>
 */
final class TakenSuperFactory extends Factory
{
    protected $model = TakenSuper::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return ['box_id' => BoxFactory::new(), 'estimate_kg' => 12.0, 'own_sd_kg' => 1.0];
    }

    /** In the harvest of that season at the hive's yard, which is made where there is none. */
    public function of(Hive $hive, int $season): self
    {
        $yard = $hive->stand->apiary_id;
        $harvest = Harvest::query()->firstOrCreate(
            ['apiary_id' => $yard, 'season' => $season],
            ['name' => "Harvest $season", 'taken_on' => "$season-07-20"],
        );

        return $this->state([
            'harvest_id' => $harvest->id,
            'hive_id' => $hive->id,
            'queen_id' => $hive->colony?->queen_id,
        ]);
    }

    /** Its share of what the buckets weighed. */
    public function weighed(float $kg, float $sdKg = 0.2): self
    {
        return $this->state(['allotted_kg' => $kg, 'allotted_sd_kg' => $sdKg]);
    }
}
