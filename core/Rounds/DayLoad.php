<?php

declare(strict_types=1);

namespace Marjoram\Core\Rounds;

use DateTimeImmutable;

/** What a day carries of a plan. */
final readonly class DayLoad
{
    /**
     * @param  list<string>  $route  ids of the yards in the order of the drive
     * @param  int  $boardsOut  over the night or coming in
     * @param  float  $heldSupers  in the honey room at the day's end
     */
    public function __construct(
        public DateTimeImmutable $date,
        public array $route,
        public float $travelMin,
        public float $workMin,
        public int $boardsOut,
        public float $supersIn,
        public float $heldSupers,
    ) {
    }

    public function minutes(): float
    {
        return $this->travelMin + $this->workMin;
    }
}
