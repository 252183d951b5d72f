<?php

declare(strict_types=1);

namespace Marjoram\Core\Clearing;

use DateTimeImmutable;

/** A visit that cannot go as it is planned, and the days on which it can. */
final readonly class MendedVisit
{
    /**
     * @param  DateTimeImmutable  $on  the day that cannot be
     * @param  ?DateTimeImmutable  $first  the new first day; null where no day of those known will do
     * @param  ?DateTimeImmutable  $second  the new second day, of a visit with two
     */
    public function __construct(
        public PlannedVisit $visit,
        public Trouble $why,
        public DateTimeImmutable $on,
        public ?DateTimeImmutable $first = null,
        public ?DateTimeImmutable $second = null,
    ) {
    }
}
