<?php

declare(strict_types=1);

namespace Marjoram\Core\Rounds;

use DateTimeInterface;
use Marjoram\Core\Clearing\Kit;
use Marjoram\Core\InvalidInput;

/** The whole question: days, yards, drives, kit, and what truck and honey room hold. */
final readonly class RoundsQuestion
{
    /** Sets of yards are kept as the bits of an integer. */
    public const MOST_YARDS = 60;

    public CrewMinutes $minutes;

    /** @var array<array-key, int> place of each yard by its id */
    private array $yardAt;

    /** @var array<array-key, int> place of each day by its date */
    private array $dayAt;

    /**
     * @param  list<WorkDay>  $days  in order, one after the other
     * @param  list<YardToFetch>  $yards
     * @param  bool  $split  a yard may be served in parts
     * @param  ?CrewMinutes  $minutes  null for those of the table and a crew of two
     * @param  list<Visit>  $locks  visits that stay as they are, whatever limits they break; the rest is planned round
     *                              them
     *
     * @throws InvalidInput when days are out of order, there are too many yards, or a lock is of no yard, day or hives
     * here
     */
    public function __construct(
        public array $days,
        public array $yards,
        public Travel $travel,
        public Kit $kit,
        public Capacity $capacity,
        public bool $split = false,
        ?CrewMinutes $minutes = null,
        public Charges $charges = new Charges,
        public array $locks = [],
    ) {
        InvalidInput::unlessWithin(count($days), 1, 120, 'The number of days', '/days');
        InvalidInput::unlessWithin(count($yards), 0, self::MOST_YARDS, 'The number of yards', '/apiaries');
        $this->minutes = $minutes ?? CrewMinutes::of();
        $this->dayAt = self::placesOfDays($days);
        $this->yardAt = self::placesOfYards($yards);
        $this->checkLocks();
    }

    /** Place of a yard in the list; null where it is not in the question. */
    public function yardAt(string $id): ?int
    {
        return $this->yardAt[$id] ?? null;
    }

    /** Place of a day in the list; null where it is not in the question. */
    public function dayAt(DateTimeInterface $date): ?int
    {
        return $this->dayAt[$date->format('Y-m-d')] ?? null;
    }

    public function yard(string $id): ?YardToFetch
    {
        return $this->yards[$this->yardAt[$id] ?? -1] ?? null;
    }

    /** Hives of a yard that no lock has taken. */
    public function freeHives(YardToFetch $yard): int
    {
        $locked = array_filter($this->locks, static fn (Visit $lock): bool => $lock->yard === $yard->id);

        return $yard->hives - array_sum(array_map(static fn (Visit $lock): int => $lock->hives, $locked));
    }

    /** Whether yard, days and hives of a visit are in the question. */
    public function knows(Visit $visit): bool
    {
        return isset($this->yardAt[$visit->yard]) && $this->dayAt($visit->first) !== null
            && $this->dayAt($visit->last) !== null;
    }

    /** The weather of a day at a yard: its own, or the day's. */
    public function sky(YardToFetch $yard, int $day): Sky
    {
        return $yard->skies[$day] ?? $this->days[$day]->sky;
    }

    /**
     * @param  list<WorkDay>  $days
     * @return array<array-key, int>
     */
    private static function placesOfDays(array $days): array
    {
        $places = [];
        foreach ($days as $i => $day) {
            if ($i > 0 && $day->date <= $days[$i - 1]->date) {
                throw InvalidInput::because(
                    'The days are not in order.',
                    'each day after the one before',
                    "/days/$i/date",
                );
            }
            $places[$day->date->format('Y-m-d')] = $i;
        }

        return $places;
    }

    /**
     * @param  list<YardToFetch>  $yards
     * @return array<array-key, int>
     */
    private static function placesOfYards(array $yards): array
    {
        $places = [];
        foreach ($yards as $a => $yard) {
            if (isset($places[$yard->id])) {
                throw InvalidInput::because('A yard is given twice.', 'each yard once', '/apiaries');
            }
            $places[$yard->id] = $a;
        }

        return $places;
    }

    private function checkLocks(): void
    {
        $locked = [];
        foreach ($this->locks as $i => $lock) {
            $yard = $this->yard($lock->yard);
            if ($yard === null || ! $this->knows($lock) || $lock->last < $lock->first) {
                throw InvalidInput::because(
                    'A lock names a yard or a day that is not in the task.',
                    'yards and days of the task',
                    "/locks/$i",
                );
            }
            if ($lock->last > $lock->first !== $lock->places()) {
                throw InvalidInput::because(
                    'Boards go on before the day on which their supers come in; other methods take one day.',
                    'an earlier day to place boards, the same day otherwise',
                    "/locks/$i/place",
                );
            }
            $locked[$yard->id] = ($locked[$yard->id] ?? 0) + $lock->hives;
            InvalidInput::unlessWithin($locked[$yard->id], 1, $yard->hives, 'The hives locked', "/locks/$i/hives");
        }
    }
}
