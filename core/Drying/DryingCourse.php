<?php

declare(strict_types=1);

namespace Marjoram\Core\Drying;

/** One way in which a stack may dry, and how likely it is. */
final readonly class DryingCourse
{
    /** @param  int  $nth  of the rates that are weighed */
    public function __construct(
        public float $weight,
        public int $nth,
        public float $ratePerDay,
        public float $startPct,
    ) {
    }
}
