<?php

declare(strict_types=1);

namespace Marjoram\Core\Moisture;

use Marjoram\Core\InvalidInput;

/** How far readings of one super spread before any is known (common practice). */
final readonly class MoistureAssumptions
{
    /**
     * @param  float  $priorSdPct  expected standard deviation of readings, % water
     * @param  float  $priorWeight  how many readings that expectation is worth
     *
     * @throws InvalidInput when either is not above 0
     */
    public function __construct(public float $priorSdPct = 0.6, public float $priorWeight = 4.0)
    {
        InvalidInput::unlessWithin($priorSdPct, 0.01, 10.0, 'The spread of readings', '/prior_sd_pct');
        InvalidInput::unlessWithin($priorWeight, 0.1, 1000.0, 'The weight of that spread', '/prior_weight');
    }
}
