<?php

declare(strict_types=1);

namespace App\Devices;

/** The air of a room as a sensor gives it. */
final readonly class RoomAirValue
{
    public function __construct(public float $celsius, public float $humidityPct)
    {
    }
}
