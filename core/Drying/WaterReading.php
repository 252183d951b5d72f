<?php

declare(strict_types=1);

namespace Marjoram\Core\Drying;

use Marjoram\Core\InvalidInput;

/** The water of a stack of supers at an hour, as a refractometer said. */
final readonly class WaterReading
{
    /**
     * @param  float  $hour  since they came in, 0 or more
     * @param  float  $waterPct  10 to 30
     *
     * @throws InvalidInput when a value is out of range
     */
    public function __construct(public float $hour, public float $waterPct)
    {
        InvalidInput::unlessWithin($hour, 0.0, 2400.0, 'The hour', '/hour');
        InvalidInput::unlessWithin($waterPct, 10.0, 30.0, 'The water', '/water_pct');
    }
}
