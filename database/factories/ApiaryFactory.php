<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Apiary;
use Illuminate\Database\Eloquent\Factories\Factory;

/**
 * A yard without hives, in a climate of the temperate lowland.
 *
 * @extends Factory<Apiary>
 */
final class ApiaryFactory extends Factory
{
    protected $model = Apiary::class;

    private static int $number = 0;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        $number = ++self::$number;

        return [
            'name' => "Yard $number",
            'slug' => "yard-$number",
            'letter' => 'Y',
            'latitude' => 58.0,
            'longitude' => 14.0,
            'climate' => [-1.0, -1.0, 1.5, 6.0, 11.0, 15.0, 17.0, 16.0, 12.0, 7.5, 3.5, 0.5],
            'position' => $number,
        ];
    }

    public function named(string $name): self
    {
        return $this->state(['name' => $name, 'slug' => strtolower(strtr($name, ' ', '-'))]);
    }
}
