<?php

declare(strict_types=1);

namespace Marjoram\Core\Spin;

use Marjoram\Core\InvalidInput;

/** What an extractor is and bears. */
final readonly class Extractor
{
    /**
     * @param  int  $slots  2 to 120
     * @param  bool  $radial  both sides empty at once; else a side faces out, and the frames are turned
     * @param  float  $radiusCm  from the shaft to the middle of the combs, 10 to 150
     * @param  float  $maxRpm  30 to 1,000
     * @param  float  $forceLimitN  that may pull at the shaft, 10 to 5,000
     *
     * @throws InvalidInput when a value is out of range
     */
    public function __construct(
        public int $slots,
        public bool $radial = false,
        public float $radiusCm = 30.0,
        public float $maxRpm = 300.0,
        public float $forceLimitN = 150.0,
    ) {
        InvalidInput::unlessWithin($slots, 2, 120, 'The number of slots', '/slots');
        InvalidInput::unlessWithin($radiusCm, 10.0, 150.0, 'The radius', '/radius_cm');
        InvalidInput::unlessWithin($maxRpm, 30.0, 1000.0, 'The speed', '/max_rpm');
        InvalidInput::unlessWithin($forceLimitN, 10.0, 5000.0, 'The force', '/force_limit_n');
    }
}
