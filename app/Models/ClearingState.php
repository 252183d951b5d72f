<?php

declare(strict_types=1);

namespace App\Models;

/** Where a clearing stands. */
enum ClearingState: string
{
    case Planned = 'planned';

    /** All boards are on. */
    case Placed = 'placed';

    /** All supers are in the honey room. */
    case Collected = 'collected';
}
