<?php

declare(strict_types=1);

namespace App\Models\Schedules;

/** Why supers are not in a schedule. */
enum LeftOutReason: string
{
    case ToLook = 'to-look';
    case TooFar = 'too-far';

    /** Not ripe yet, and needed for winter when they are. */
    case ForWinter = 'for-winter';

    /** Ripe only after they must be off for treatment. */
    case AfterTreatment = 'after-treatment';

    /** Ripe only after the schedule's last day. */
    case AfterLastDay = 'after-last-day';
}
