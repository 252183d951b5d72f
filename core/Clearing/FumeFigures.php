<?php

declare(strict_types=1);

namespace Marjoram\Core\Clearing;

use Marjoram\Core\Numerics\LinearTable;

/** Fume boards (common practice): they take as long as the day is cool, whoever waits. */
final readonly class FumeFigures
{
    private LinearTable $table;

    /**
     * @param  float  $setup  crew minutes a visit
     * @param  list<array{float, float}>  $minutesByC  minutes a super under a board by the day's highest temperature
     * @param  float  $withoutSun  as many times as long on a day without any sun; in between on a line
     * @param  float  $handlingPerSuper  person-minutes: off the hive and to the truck
     * @param  float  $leastC  highest temperature of the day below which they do not work
     * @param  float  $mostRain  chance of rain above which they are left at home, 0 to 1
     */
    public function __construct(
        public float $setup = 10.0,
        array $minutesByC = [[9.0, 20.0], [21.0, 10.0], [30.0, 6.0]],
        public float $withoutSun = 1.5,
        public float $handlingPerSuper = 1.0,
        public float $leastC = 12.0,
        public float $mostRain = 0.5,
    ) {
        $this->table = new LinearTable($minutesByC);
    }

    /** Minutes that one super takes under its board, at the day's highest temperature and its share of sun. */
    public function minutesASuper(float $maxC, float $sun): float
    {
        return $this->table->at(min(30.0, $maxC)) * (1.0 + ($this->withoutSun - 1.0) * (1.0 - $sun));
    }

    /** Boards that are at work at once: never more than there are stacks to put them on. */
    public static function atOnce(int $boards, int $stacks): int
    {
        return max(1, min($boards, $stacks));
    }
}
