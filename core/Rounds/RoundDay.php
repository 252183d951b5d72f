<?php

declare(strict_types=1);

namespace Marjoram\Core\Rounds;

use DateTimeImmutable;
use Marjoram\Core\InvalidInput;

/** A day on which one may drive out: the crew's minutes, the weather, and what the honey room takes in hand. */
final readonly class RoundDay
{
    /**
     * @param  float  $crewMin  minutes of work and driving; 0 is a day off
     * @param  float  $extractSupers  supers that the honey room extracts that day
     *
     * @throws InvalidInput when a value is none that a day can have
     */
    public function __construct(public DateTimeImmutable $date, public float $crewMin, public float $minC, public float $maxC, public float $rainP, public bool $dearth = false, public float $extractSupers = 40.0)
    {
        InvalidInput::unlessWithin($crewMin, 0.0, 1440.0, 'The crew time', '/crew_min');
        InvalidInput::unlessWithin($minC, -40.0, 55.0, 'The lowest temperature', '/min_c');
        InvalidInput::unlessWithin($maxC, -40.0, 55.0, 'The highest temperature', '/max_c');
        if ($maxC < $minC) {
            throw InvalidInput::because('The highest temperature of the day is below its lowest.', 'max_c of at least min_c', '/max_c');
        }
        InvalidInput::unlessWithin($rainP, 0.0, 1.0, 'The chance of rain', '/rain_p');
        InvalidInput::unlessWithin($extractSupers, 0.0, 10000.0, 'The supers extracted', '/extract_supers');
    }
}
