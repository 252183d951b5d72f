<?php

declare(strict_types=1);

namespace Marjoram\Core\Rounds;

use DateTimeImmutable;

/** A limit that is gone beyond on a day, by so many minutes, supers or boards. */
final readonly class BrokenLimit
{
    public function __construct(public ScheduleLimit $limit, public DateTimeImmutable $day, public float $by)
    {
    }

    /**
     * How hard it is to find what is lacking; of one limit the day that lacks most counts.
     *
     * @param  list<self>  $broken
     */
    public static function hardness(array $broken): float
    {
        $most = [];
        foreach ($broken as $one) {
            $most[$one->limit->value] = max($most[$one->limit->value] ?? 0.0, $one->by / $one->limit->hardness());
        }

        return array_sum($most);
    }
}
