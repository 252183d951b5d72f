<?php

declare(strict_types=1);

namespace Marjoram\Core\Rounds;

use DateTimeImmutable;
use Marjoram\Core\InvalidInput;

/** A yard whose supers are to come in. */
final readonly class RoundYard
{
    /**
     * @param  float  $supers  supers to come off, of all its hives
     * @param  list<Way>  $ways  that may be used here
     * @param  array<int, Sky>  $skies  by the day's place in the task's list: its own weather, where it is known
     *
     * @throws InvalidInput when there is nothing to fetch, or the deadline is before the yard is ready
     */
    public function __construct(public string $id, public int $hives, public float $supers, public DateTimeImmutable $ready, public DateTimeImmutable $deadline, public array $ways = [Way::Escape, Way::Fume, Way::Blower, Way::Brush], public array $skies = [])
    {
        InvalidInput::unlessWithin($hives, 1, 2000, 'The hives', '/hives');
        InvalidInput::unlessWithin($supers, 0.0, 10000.0, 'The supers', '/supers');
        if ($deadline < $ready) {
            throw InvalidInput::because("The deadline of $id, {$deadline->format('Y-m-d')}, is before it is ready, {$ready->format('Y-m-d')}.", 'a deadline on or after '.$ready->format('Y-m-d'), '/deadline');
        }
        if ($ways === []) {
            throw InvalidInput::because("No method is allowed at $id.", 'one method or more', '/methods');
        }
    }

    public function supersPerHive(): float
    {
        return $this->supers / $this->hives;
    }
}
