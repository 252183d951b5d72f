<?php

declare(strict_types=1);

namespace Marjoram\Core\Spin;

use Marjoram\Core\Statement;

/** One run of the rotor: which side, how fast, how long, why so. */
final readonly class SpinStep
{
    /**
     * @param  float  $forceN  the greatest at the shaft while it runs
     * @param  list<Statement>  $why
     */
    public function __construct(
        public SpinSide $side,
        public float $rpm,
        public float $minutes,
        public float $forceN,
        public array $why,
    ) {
    }
}
