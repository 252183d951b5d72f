<?php

declare(strict_types=1);

namespace App\Apiary\Operation;

/** A day of any year, as m-d. */
final class MonthDay
{
    private const HALF = 6;

    /** The same day of the other hemisphere's year, half a year away; of a shorter month its last. */
    public static function opposite(string $monthDay): string
    {
        [$month, $day] = array_map(intval(...), explode('-', $monthDay) + [0, 0]);
        $other = ($month + self::HALF - 1) % 12 + 1;

        return sprintf('%02d-%02d', $other, min($day, [31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31][$other - 1]));
    }
}
