<?php

declare(strict_types=1);

namespace App\Models\Schedules;

/** What sets the day by which supers should be off. */
enum DeadlineReason: string
{
    /** The label of a treatment. */
    case Treatment = 'treatment';

    /** The end of the flow. */
    case Flow = 'flow';

    /** Nothing but the last day of the schedule. */
    case LastDay = 'plan';

    case ByHand = 'hand';
}
