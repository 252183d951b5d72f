<?php

declare(strict_types=1);

namespace App\Calc;

/** The computations by name, each with its schema of input and output in schemas/. */
final class Registry
{
    /** @var array<string, class-string<Calculation>> */
    private const ALL = [
        'allot' => Calculations\Allot::class,
        'blend' => Calculations\Blend::class,
        'clearing' => Calculations\Clearing::class,
        'comb' => Calculations\Comb::class,
        'drying' => Calculations\Drying::class,
        'flow' => Calculations\Flow::class,
        'jars' => Calculations\Jars::class,
        'lift' => Calculations\Lift::class,
        'loads' => Calculations\Loads::class,
        'moisture' => Calculations\Moisture::class,
        'prepack' => Calculations\Prepack::class,
        'reserve' => Calculations\Reserve::class,
        'ripeness' => Calculations\Ripeness::class,
        'rotor' => Calculations\Rotor::class,
        'rounds' => Calculations\Rounds::class,
        'settle' => Calculations\Settle::class,
        'spin' => Calculations\Spin::class,
        'viscosity' => Calculations\Viscosity::class,
        'wax' => Calculations\Wax::class,
        'yields' => Calculations\Yields::class,
    ];

    /** @return list<string> */
    public function names(): array
    {
        return array_keys(self::ALL);
    }

    public function get(string $name): ?Calculation
    {
        $class = self::ALL[$name] ?? null;

        return $class === null ? null : new $class;
    }

    /** @return array<string, mixed> JSON Schema with `input` and `output` */
    public function schema(string $name): array
    {
        /** @var array<string, mixed> */
        return json_decode(
            (string) file_get_contents(__DIR__."/schemas/$name.json"),
            true,
            flags: JSON_THROW_ON_ERROR,
        );
    }
}
