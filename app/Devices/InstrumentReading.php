<?php

declare(strict_types=1);

namespace App\Devices;

use Marjoram\Core\Moisture\RefractometerScale;

/** One value as an instrument gives it: nothing is corrected yet. */
final readonly class InstrumentReading
{
    public function __construct(
        public RefractometerScale $scale,
        public float $value,
        public float $temperatureC,
        public bool $compensated,
    ) {
    }
}
