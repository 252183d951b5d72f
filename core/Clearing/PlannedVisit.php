<?php

declare(strict_types=1);

namespace Marjoram\Core\Clearing;

use DateTimeImmutable;

/** A visit, or two with boards between them, as it is planned for one yard. */
final readonly class PlannedVisit
{
    /**
     * @param  string  $id  by which the caller knows it
     * @param  DateTimeImmutable  $first  the day on which its work begins
     * @param  ?DateTimeImmutable  $second  the day on which supers come in, where boards go on first
     * @param  bool  $boardsOn  the first of two visits is done
     * @param  float  $crewMin  minutes of the crew, of all its visits together
     * @param  array<string, DayForecast>  $forecast  of its yard by date, YYYY-MM-DD; days nobody knows are left out
     * @param  bool  $robbed  its hives were robbed a few days ago
     * @param  ?DateTimeImmutable  $offBy  the day by which its supers should be off
     */
    public function __construct(
        public string $id,
        public Method $method,
        public DateTimeImmutable $first,
        public ?DateTimeImmutable $second,
        public bool $boardsOn,
        public float $crewMin,
        public array $forecast,
        public bool $robbed = false,
        public ?DateTimeImmutable $offBy = null,
    ) {
    }

    /** @return list<DateTimeImmutable> on which work is still to be done */
    public function daysLeft(): array
    {
        return match (true) {
            $this->second === null => [$this->first],
            $this->boardsOn => [$this->second],
            default => [$this->first, $this->second],
        };
    }

    /** Minutes of the crew on each of its days. */
    public function minutesADay(): float
    {
        return $this->second === null ? $this->crewMin : 0.5 * $this->crewMin;
    }
}
