<?php

declare(strict_types=1);

namespace App\Devices;

use Marjoram\Core\Moisture\RefractometerScale;
use Marjoram\Core\Numerics\SeededRandom;
use Marjoram\Core\Practise\PractiseScale;

/** A drop of hidden honey under a water scale that does not correct for temperature: for the demo and for tests. */
final class SimulatedRefractometer implements Refractometer
{
    private readonly SeededRandom $random;

    private readonly float $waterPct;

    private readonly float $temperatureC;

    public function __construct(int $seed, ?float $waterPct = null)
    {
        $this->random = new SeededRandom($seed);
        $this->waterPct = $waterPct ?? $this->random->between(16.2, 19.4);
        $this->temperatureC = round($this->random->between(14.0, 30.0), 1);
    }

    public function read(): InstrumentReading
    {
        $temperature = round($this->temperatureC + $this->random->normal(0.0, 0.2), 1);
        $shown = PractiseScale::shown($this->waterPct, $temperature) + $this->random->normal(0.0, 0.12);

        $shown = round(min(29.0, max(11.0, $shown)), 1);

        return new InstrumentReading(RefractometerScale::Water, $shown, $temperature, false);
    }
}
