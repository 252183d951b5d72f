<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Stand;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<Stand> */
final class StandFactory extends Factory
{
    protected $model = Stand::class;

    private static int $number = 0;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return ['apiary_id' => ApiaryFactory::new(), 'number' => ++self::$number];
    }
}
