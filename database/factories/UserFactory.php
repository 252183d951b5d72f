<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\User;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<User> */
final class UserFactory extends Factory
{
    protected $model = User::class;

    private static int $number = 0;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return [
            'name' => 'A keeper',
            'email' => 'keeper-'.++self::$number.'@factory.example',
            'password' => 'never-signed-in-with',
        ];
    }
}
