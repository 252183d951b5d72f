<?php

declare(strict_types=1);

namespace Marjoram\Core\Rounds;

/** What a plan costs, in minutes of the crew: what it takes, and what is charged. */
final readonly class Cost
{
    public function __construct(
        public float $travel,
        public float $work,
        public float $late,
        public float $weather,
        public float $robbing,
        public float $parts,
        public float $notServed,
    ) {
    }

    public function total(): float
    {
        return $this->travel + $this->work + $this->charged() + $this->parts + $this->notServed;
    }

    /** For being late, for rain and for robbing. */
    public function charged(): float
    {
        return $this->late + $this->weather + $this->robbing;
    }
}
