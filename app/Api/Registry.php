<?php

declare(strict_types=1);

namespace App\Api;

/** The computations by name, each with its schema of input and output in schemas/. */
final class Registry
{
    /** @var array<string, class-string<Calculation>> */
    private const ALL = [
        'allot' => Calculations\AllotCalculation::class,
        'blend' => Calculations\BlendCalculation::class,
        'clearing' => Calculations\ClearingCalculation::class,
        'comb' => Calculations\CombCalculation::class,
        'drying' => Calculations\DryingCalculation::class,
        'flow' => Calculations\FlowCalculation::class,
        'jars' => Calculations\JarsCalculation::class,
        'lift' => Calculations\LiftCalculation::class,
        'loads' => Calculations\LoadsCalculation::class,
        'moisture' => Calculations\MoistureCalculation::class,
        'prepack' => Calculations\PrepackCalculation::class,
        'reserve' => Calculations\ReserveCalculation::class,
        'ripeness' => Calculations\RipenessCalculation::class,
        'rotor' => Calculations\RotorCalculation::class,
        'rounds' => Calculations\RoundsCalculation::class,
        'settle' => Calculations\SettleCalculation::class,
        'spin' => Calculations\SpinCalculation::class,
        'viscosity' => Calculations\ViscosityCalculation::class,
        'wax' => Calculations\WaxCalculation::class,
        'yields' => Calculations\YieldsCalculation::class,
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
