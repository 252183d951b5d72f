<?php

declare(strict_types=1);

namespace Marjoram\Core\Rounds;

/** What no plan may go beyond. */
enum ScheduleLimit: string
{
    /** Minutes of work and driving in a day. */
    case Crew = 'crew';

    /** Supers that come in on a day. */
    case Truck = 'truck';

    /** Escape boards out at once. */
    case Boards = 'boards';

    /** Supers in the honey room at a day's end. */
    case Hold = 'hold';

    /** So much of it counts as equally hard to find. */
    public function hardness(): float
    {
        return match ($this) {
            self::Crew => 60.0,
            self::Boards => 5.0,
            self::Truck, self::Hold => 10.0,
        };
    }
}
