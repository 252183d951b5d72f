<?php

declare(strict_types=1);

namespace App\Devices;

use Marjoram\Core\Numerics\SeededRandom;

/** A warm room with a dehumidifier that switches: for the demo and for tests. */
final class SimulatedRoom implements RoomSensor
{
    private readonly SeededRandom $random;

    private int $asked = 0;

    public function __construct(
        int $seed,
        private readonly float $celsius = 32.0,
        private readonly float $humidityPct = 38.0,
    ) {
        $this->random = new SeededRandom($seed);
    }

    public function read(): RoomAirValue
    {
        $swing = sin(0.7 * $this->asked++);

        return new RoomAirValue(
            round($this->celsius + 0.6 * $swing + $this->random->normal(0.0, 0.1), 1),
            round(min(100.0, max(0.0, $this->humidityPct + 2.5 * $swing + $this->random->normal(0.0, 0.4))), 1),
        );
    }
}
