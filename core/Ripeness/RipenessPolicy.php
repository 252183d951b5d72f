<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

use Marjoram\Core\InvalidInput;

/** The conditions for taking a super, and the confidence asked for. */
final readonly class RipenessPolicy
{
    /**
     * @param  float  $cappedMin  capped share, 0 to 1, asked by the third school
     * @param  float  $waterMaxPct  10 to 30
     * @param  float  $confidence  0.5 to 0.999
     * @param  bool  $heather  honey of ling, for which the standards allow more water
     *
     * @throws InvalidInput when a value is out of range
     */
    public function __construct(
        public RipenessSchool $school = RipenessSchool::CappedAndRefractometer,
        public float $cappedMin = 0.75,
        public float $waterMaxPct = 18.0,
        public float $confidence = 0.8,
        public bool $heather = false,
    ) {
        InvalidInput::unlessWithin($cappedMin, 0.0, 1.0, 'The least capped share', '/policy/capped_min');
        InvalidInput::unlessWithin($waterMaxPct, 10.0, 30.0, 'The most water', '/policy/water_max_pct');
        InvalidInput::unlessWithin($confidence, 0.5, 0.999, 'The confidence', '/policy/confidence');
    }

    public function cappedShareNeeded(): float
    {
        return $this->school->cappedShareNeeded($this->cappedMin);
    }
}
