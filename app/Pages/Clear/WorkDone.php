<?php

declare(strict_types=1);

namespace App\Pages\Clear;

use App\Models\ClearingSuper;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Collection;

/** What was really done for a clearing at a stop, and when. */
final readonly class WorkDone
{
    /**
     * @param  DateTimeImmutable  $at  of that day, UTC
     * @param  Collection<int, ClearingSuper>  $done  came in, or have their board on
     * @param  Collection<int, ClearingSuper>  $left
     */
    public function __construct(
        public DateTimeImmutable $day,
        public DateTimeImmutable $at,
        public Collection $done,
        public Collection $left,
        public string $why,
    ) {
    }

    /** Y-m-d */
    public function on(): string
    {
        return $this->day->format('Y-m-d');
    }
}
