<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Apiary;
use App\Models\Colony;
use App\Models\Hive;
use App\Models\Queen;
use Illuminate\Database\Eloquent\Factories\Factory;

/**
 * A hive on a stand of its own, without boxes or bees.
 *
 * @extends Factory<Hive>
 */
final class HiveFactory extends Factory
{
    protected $model = Hive::class;

    private static int $number = 0;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return ['stand_id' => StandFactory::new(), 'code' => 'H'.++self::$number];
    }

    public function in(Apiary $apiary, string $code): self
    {
        return $this->state(['stand_id' => StandFactory::new(['apiary_id' => $apiary->id]), 'code' => $code]);
    }

    /** With bees, and boxes from the floor up. */
    public function stacked(int $brood = 1, int $supers = 2, string $kind = 'langstroth-medium-10'): self
    {
        return $this->afterCreating(static function (Hive $hive) use ($brood, $supers, $kind): void {
            Colony::query()->create(['hive_id' => $hive->id, 'started_on' => '2024-05-01']);
            for ($i = 0; $i < $brood + $supers; $i++) {
                $isSuper = $i >= $brood;
                $box = $isSuper ? BoxFactory::new(['kind' => $kind]) : BoxFactory::new();
                $box->on($hive, $i, $isSuper ? 'super' : 'brood')->create();
            }
        });
    }

    public function queened(string $code, string $line, int $year): self
    {
        return $this->afterCreating(static function (Hive $hive) use ($code, $line, $year): void {
            $queen = Queen::query()->create(['code' => $code, 'line' => $line, 'year' => $year]);
            $hive->colony()->firstOrFail()->update(['queen_id' => $queen->id]);
        });
    }
}
