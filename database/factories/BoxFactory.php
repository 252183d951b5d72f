<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Box;
use App\Models\BoxPlace;
use App\Models\Hive;
use Illuminate\Database\Eloquent\Factories\Factory;

/**
 * A deep box in store.
 *
 * @extends Factory<Box>
 */
final class BoxFactory extends Factory
{
    protected $model = Box::class;

    private static int $number = 0;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return ['kind' => 'langstroth-deep-10', 'mark' => sprintf('X%04d', ++self::$number)];
    }

    public function on(Hive $hive, int $position, string $role, string $since = '2026-05-20'): self
    {
        return $this->afterCreating(static fn (Box $box) => BoxPlace::query()->create([
            'box_id' => $box->id,
            'hive_id' => $hive->id,
            'position' => $position,
            'role' => $role,
            'since' => $since,
        ]));
    }
}
