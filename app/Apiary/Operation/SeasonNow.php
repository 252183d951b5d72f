<?php

declare(strict_types=1);

namespace App\Apiary\Operation;

use DateTimeImmutable;

/** Where the operation is in its year. Plain values, since it is cached. */
final readonly class SeasonNow
{
    /**
     * @param  int  $season  of today
     * @param  DateTimeImmutable  $since  what was found before that moment is of a season that is over
     * @param  bool  $isOn  supers are judged: it has begun, and is not closed
     * @param  bool  $isClosed  its keeper has closed it
     * @param  ?int  $toClose  the season that it is time to close; null where there is none
     * @param  bool  $isToBegin  it is time to begin it
     * @param  list<int>  $closed  seasons that their keeper has closed
     */
    public function __construct(
        public int $season,
        public DateTimeImmutable $since,
        public bool $isOn,
        public bool $isClosed,
        public ?int $toClose,
        public bool $isToBegin,
        private array $closed,
    ) {
    }

    public function sentence(): string
    {
        $year = ['year' => $this->season];

        return match (true) {
            $this->isClosed => __('Season :year is closed.', $year),
            $this->isOn => __('Season :year is on.', $year),
            default => __('Season :year has not begun.', $year),
        };
    }

    /** What a hive gave in it is final: its keeper has closed it, or a later one has begun. */
    public function isFinal(int $season): bool
    {
        return in_array($season, $this->closed, true)
            || $season < $this->season - 1
            || ($season < $this->season && ($this->isOn || $this->isClosed));
    }

    /** Whether it was found in this season. */
    public function isOfThis(?DateTimeImmutable $found): bool
    {
        return $found !== null && $found >= $this->since;
    }

    /** Supers are inspected while the season is on; once winter has begun nobody opens a hive for them. */
    public function asksToInspect(): bool
    {
        return $this->isOn && $this->toClose === null;
    }
}
