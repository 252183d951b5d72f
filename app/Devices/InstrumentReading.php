<?php

declare(strict_types=1);

namespace App\Devices;

use Marjoram\Core\Moisture\Scale;

/** One value as an instrument gives it: nothing is corrected yet. */
final readonly class InstrumentReading
{
    public function __construct(
        public Scale $scale,
        public float $value,
        public float $temperatureC,
        public bool $compensated,
    ) {
    }
}
