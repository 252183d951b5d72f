<?php

declare(strict_types=1);

namespace App\Apiary\Days;

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

    /** Nothing is left to be ticked. */
    public function isDone(): bool
    {
        return array_filter($this->stops, static fn (Stop $stop): bool => ! $stop->isDone()) === [];
    }

    /** @return list<YardVisit> that nobody said is finished; frames are taken on a page of their own */
    public function open(): array
    {
        $open = array_merge([], ...array_map(static fn (Stop $stop): array => $stop->open(), $this->stops));

        return array_values(array_filter($open, static fn (YardVisit $visit): bool => ! $visit->takesFrames()));
    }

    public function drivingMin(): float
    {
        return array_sum(array_map(static fn (Stop $stop): float => $stop->driveMin, $this->stops));
    }
}
