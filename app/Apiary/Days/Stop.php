<?php

declare(strict_types=1);

namespace App\Apiary\Days;

use App\Models\Apiary;
use App\Models\StopTrouble;
use App\Words\Wording;

/** A place where the truck stands on a day: all that is done there, hive by hive, for however many clearings. */
final readonly class Stop
{
    /** To lift a box off and set it below. */
    private const MINUTES_A_BOX = 2;

    /**
     * @param  float  $driveMin  from the stop before
     * @param  list<YardVisit>  $visits  of one yard
     * @param  list<HiveWork>  $hives
     * @param  array<string, StopTrouble>  $troubles  of the last days, by what went wrong
     */
    public function __construct(
        public float $driveMin,
        public array $visits,
        public array $hives,
        public array $troubles,
    ) {
    }

    /** @param  string  $today  Y-m-d */
    public function isNotedToday(string $what, string $today): bool
    {
        return ($this->troubles[$what] ?? null)?->on->format('Y-m-d') === $today;
    }

    public function apiary(): Apiary
    {
        return $this->visits[0]->clearing->apiary;
    }

    public function placesBoards(): bool
    {
        return array_filter($this->visits, static fn (YardVisit $visit): bool => $visit->places) !== [];
    }

    public function bringsIn(): bool
    {
        return array_filter($this->visits, static fn (YardVisit $visit): bool => ! $visit->places) !== [];
    }

    /** What the truck comes for. */
    public function aim(): string
    {
        return match (true) {
            ! $this->placesBoards() => __('supers in'),
            $this->bringsIn() => __('boards on, supers in'),
            default => __('boards on'),
        };
    }

    /** @return list<string> how it is done, each said once */
    public function sentences(Wording $say): array
    {
        return array_values(array_unique(array_map(
            static fn (YardVisit $visit): string => $visit->places
                ? $say->placing()
                : $say->taking($visit->clearing->method),
            $this->visits,
        )));
    }

    /** Minutes for moving what stays below what is cleared. */
    public function belowMin(): int
    {
        $below = static fn (HiveWork $hive): int => count($hive->all(Fate::Below));

        return self::MINUTES_A_BOX * array_sum(array_map($below, $this->hives));
    }

    public function isDone(): bool
    {
        return array_filter($this->visits, static fn (YardVisit $visit): bool => ! $visit->isDone()) === [];
    }

    /** @return list<YardVisit> that nobody said is finished */
    public function open(): array
    {
        return array_values(array_filter($this->visits, static fn (YardVisit $visit): bool => ! $visit->isFinished()));
    }
}
