<?php

declare(strict_types=1);

namespace App\Devices;

use Marjoram\Core\Numerics\SeededRandom;

/** A scale on which somebody puts one full bucket after the other: for the demo and for tests. */
final class SimulatedScale implements BenchScale
{
    private readonly SeededRandom $random;

    public function __construct(int $seed, private readonly ?float $kg = null)
    {
        $this->random = new SeededRandom($seed);
    }

    public function kg(): float
    {
        return round($this->kg ?? 27.2 + $this->random->normal(0.0, 0.6), 2);
    }
}
