<?php

declare(strict_types=1);

namespace Marjoram\Core\Viscosity;

use Marjoram\Core\InvalidInput;
use Marjoram\Core\Numerics\LinearTable;

/**
 * How thick honey is: two tables of White (1975), in Crane (from memory), that meet at 16.1 % water and 25 C. The
 * logarithm is interpolated over the inverse of the absolute temperature, and over the water.
 */
final readonly class Viscosity
{
    public const LEAST_C = 13.7;

    public const MOST_C = 71.1;

    public const LEAST_WATER_PCT = 13.7;

    public const MOST_WATER_PCT = 21.5;

    private const KELVIN = 273.15;

    private const POISE_PER_PA_S = 10.0;

    private const TABLE_WATER_PCT = 16.1;

    private LinearTable $byTemperature;

    private LinearTable $byWater;

    public function __construct()
    {
        /** @var list<array{float, float}> $warmth */
        $warmth = require __DIR__.'/data/by-temperature.php';
        /** @var list<array{float, float}> $water */
        $water = require __DIR__.'/data/by-water.php';
        $this->byTemperature = new LinearTable(array_map(
            static fn (array $row): array => [-1.0 / ($row[0] + self::KELVIN), log($row[1] / self::POISE_PER_PA_S)],
            $warmth,
        ));
        $this->byWater = new LinearTable(array_map(
            static fn (array $row): array => [$row[0], log($row[1])],
            $water,
        ));
    }

    /**
     * Pascal seconds.
     *
     * @param  float  $celsius  13.7 to 71.1
     * @param  float  $waterPct  13.7 to 21.5
     *
     * @throws InvalidInput outside the tables
     */
    public function paS(float $celsius, float $waterPct): float
    {
        InvalidInput::unlessWithin($celsius, self::LEAST_C, self::MOST_C, 'The temperature', '/temperature_c');
        InvalidInput::unlessWithin(
            $waterPct,
            self::LEAST_WATER_PCT,
            self::MOST_WATER_PCT,
            'The water',
            '/water_pct',
        );
        $ofWater = $this->byWater->at($waterPct) - $this->byWater->at(self::TABLE_WATER_PCT);

        return exp($this->byTemperature->at(-1.0 / ($celsius + self::KELVIN)) + $ofWater);
    }

    /** How many times thinner it is than at 20 C. */
    public function timesThinner(float $celsius, float $waterPct): float
    {
        return $this->paS(20.0, $waterPct) / $this->paS($celsius, $waterPct);
    }
}
