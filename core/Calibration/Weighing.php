<?php

declare(strict_types=1);

namespace Marjoram\Core\Calibration;

use Marjoram\Core\InvalidInput;

/** Honey as it was estimated from the combs, and as the scales had it (before less after extraction). */
final readonly class Weighing
{
    /**
     * @param  float  $estimateKg  with the fill as presumed before any weighing
     * @param  float  $ownSdKg  standard deviation of painting and of frames not looked at; not of the fill
     * @param  float  $weighedKg  kg that came out
     * @param  float  $scaleSdKg  standard deviation of the difference of the two weighings
     *
     * @throws InvalidInput when a mass is out of range
     */
    public function __construct(
        public float $estimateKg,
        public float $ownSdKg,
        public float $weighedKg,
        public float $scaleSdKg = 0.1,
    ) {
        InvalidInput::unlessWithin($estimateKg, 0.1, 100.0, 'The estimate', '/estimate_kg');
        InvalidInput::unlessWithin($ownSdKg, 0.0, 100.0, 'The standard deviation of the estimate', '/own_sd_kg');
        InvalidInput::unlessWithin($weighedKg, 0.0, 100.0, 'The weighed honey', '/weighed_kg');
        InvalidInput::unlessWithin($scaleSdKg, 0.0, 10.0, 'The standard deviation of the scales', '/scale_sd_kg');
    }

    public function ratio(): float
    {
        return $this->weighedKg / $this->estimateKg;
    }
}
