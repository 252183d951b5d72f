<?php

declare(strict_types=1);

namespace Marjoram\Core\Rounds;

/** What is charged, in minutes of the crew, for what one would rather not do (common practice). */
final readonly class Charges
{
    /**
     * @param  float  $rainOnBoards  a hive, times the chances of rain on both of its days
     * @param  float  $threeNights  a hive whose board stays three nights
     * @param  float  $rainOnOpen  a hive opened, times the chance of rain
     * @param  float  $dearthOpen  a hive opened by brush or blower while nothing flowers
     * @param  float  $dearthFume  the same under a fume board
     * @param  float  $latePerHiveDay  a hive and day after the deadline
     * @param  float  $notServed  a yard of which anything is left
     * @param  float  $notServedPerHive  a hive left
     * @param  float  $secondPart  each further part in which a yard comes in
     */
    public function __construct(
        public float $rainOnBoards = 0.5,
        public float $threeNights = 0.5,
        public float $rainOnOpen = 3.0,
        public float $dearthOpen = 6.0,
        public float $dearthFume = 1.5,
        public float $latePerHiveDay = 2.0,
        public float $notServed = 240.0,
        public float $notServedPerHive = 40.0,
        public float $secondPart = 20.0,
    ) {
    }

    public function forLeaving(int $hives): float
    {
        return $hives > 0 ? $this->notServed + $this->notServedPerHive * $hives : 0.0;
    }
}
