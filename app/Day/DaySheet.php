<?php

declare(strict_types=1);

namespace App\Day;

use App\YardState\Visits\Lifted;
use App\YardState\Visits\LoadItem;
use App\YardState\Visits\Stop;
use DateTimeImmutable;

/** One day out: the stops in the order of the drive, what is done at each, and what goes on the truck. */
final readonly class DaySheet
{
    /**
     * @param  list<Stop>  $stops
     * @param  list<LoadItem>  $load
     */
    public function __construct(
        public DateTimeImmutable $day,
        public array $stops,
        public array $load,
        public Lifted $lifted,
    ) {
    }

    public function date(): string
    {
        return $this->day->format('Y-m-d');
    }

    /** Y-m-d, so many days on. */
    public function dateAfter(int $days): string
    {
        return $this->day->modify(sprintf('%+d days', $days))->format('Y-m-d');
    }

    /** Places where the truck stands. */
    public function places(): int
    {
        return count(array_filter($this->stops, static fn (Stop $stop): bool => ! $stop->sameStop));
    }

    /** The number of a stop's place; null where the truck stands there already. */
    public function numberOf(Stop $stop): ?int
    {
        if ($stop->sameStop) {
            return null;
        }
        $until = array_slice($this->stops, 0, 1 + (int) array_search($stop, $this->stops, true));

        return count(array_filter($until, static fn (Stop $one): bool => ! $one->sameStop));
    }

    public function drivingMin(): float
    {
        return array_sum(array_map(static fn (Stop $stop): float => $stop->driveMin, $this->stops));
    }
}
