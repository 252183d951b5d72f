<?php

declare(strict_types=1);

namespace Marjoram\Core\Rounds;

use DateTimeImmutable;
use Marjoram\Core\InvalidInput;

/**
 * A day on which one may drive out: the crew's minutes, the weather over all, and what the honey room takes in hand.
 */
final readonly class WorkDay
{
    /**
     * @param  float  $crewMin  minutes of work and driving; 0 is a day off
     * @param  float  $extractSupers  supers that the honey room extracts that day
     *
     * @throws InvalidInput when a value is impossible for a day
     */
    public function __construct(
        public DateTimeImmutable $date,
        public float $crewMin,
        public Sky $sky,
        public float $extractSupers = 40.0,
    ) {
        InvalidInput::unlessWithin($crewMin, 0.0, 1440.0, 'The crew time', '/crew_min');
        InvalidInput::unlessWithin($extractSupers, 0.0, 10000.0, 'The supers extracted', '/extract_supers');
    }

    public function isOff(): bool
    {
        return $this->crewMin <= 0.0;
    }
}
