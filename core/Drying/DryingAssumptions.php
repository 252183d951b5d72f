<?php

declare(strict_types=1);

namespace Marjoram\Core\Drying;

/**
 * How fast combs dry before any reading is known. Common practice: three days to a week in a closed room with a
 * dehumidifier and moving air; what is capped hardly dries at all.
 */
final readonly class DryingAssumptions
{
    /**
     * @param  float  $openRate  share of the way to the air's own water that open combs go a day, at 30 C
     * @param  float  $cappedRate  the same of capped combs
     * @param  float  $rateSdLog  of the natural logarithm of the rate: rooms and fans differ
     * @param  float  $startPct  water of supers that nobody has read
     * @param  float  $readingSdPct  of one reading as the water of a whole stack
     */
    public function __construct(
        public float $openRate = 0.16,
        public float $cappedRate = 0.02,
        public float $rateSdLog = 0.5,
        public float $startPct = 18.5,
        public float $startSdPct = 1.2,
        public float $readingSdPct = 0.35,
        public float $atCelsius = 30.0,
    ) {
    }

    /** Rate a day of combs of which so much of the honey is capped, 0 to 1. */
    public function rate(float $cappedShare): float
    {
        return $cappedShare * $this->cappedRate + (1.0 - $cappedShare) * $this->openRate;
    }
}
