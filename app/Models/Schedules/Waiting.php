<?php

declare(strict_types=1);

namespace App\Models\Schedules;

/** What becomes, in a schedule, of supers that are still to wait. */
enum Waiting: string
{
    /** They come in by themselves when they are ripe. */
    case Own = 'own';

    /** The whole yard waits for them. */
    case Together = 'together';

    /** They are left out. */
    case Out = 'out';
}
