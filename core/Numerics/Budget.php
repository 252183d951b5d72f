<?php

declare(strict_types=1);

namespace Marjoram\Core\Numerics;

/** How long the planner may search. The core has no clock: time is somebody else's to measure. */
interface Budget
{
    /** Whether to stop after so many iterations; asked every few hundred. */
    public function isSpent(int $iterations): bool;
}
