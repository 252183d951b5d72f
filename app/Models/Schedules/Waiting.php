<?php

declare(strict_types=1);

namespace App\Models\Schedules;

/** What a schedule does with supers that are not ripe yet. */
enum Waiting: string
{
    /** They come in by themselves when they are ripe. */
    case Own = 'own';

    /** The whole yard waits for them. */
    case Together = 'together';

    /** They are left out. */
    case Out = 'out';
}
