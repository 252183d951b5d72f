<?php

declare(strict_types=1);

namespace App\Foundation\Places;

use DateTimeImmutable;

/** A season is named by the year in which its main flow falls, and follows the hemisphere. */
final class SeasonCalendar
{
    /** In the south the season runs from July to June and is named by the year it ends in. */
    public static function seasonOf(DateTimeImmutable $date, bool $south): int
    {
        $year = (int) $date->format('Y');

        return $south && (int) $date->format('n') >= 7 ? $year + 1 : $year;
    }

    /** The day from which dates belong to the season: in the middle of the winter before it. */
    public static function startOf(int $season, bool $south): DateTimeImmutable
    {
        return new DateTimeImmutable($south ? $season - 1 .'-07-01' : $season.'-01-01');
    }

    /** First day of the season's ribbon: March in the north, September of the year before in the south. */
    public static function firstDay(int $season, bool $south): DateTimeImmutable
    {
        return new DateTimeImmutable($south ? $season - 1 .'-09-01' : $season.'-03-01');
    }

    /** Last day: October in the north, April in the south. */
    public static function lastDay(int $season, bool $south): DateTimeImmutable
    {
        return new DateTimeImmutable($south ? $season.'-04-30' : $season.'-10-31');
    }

    public static function contains(int $season, DateTimeImmutable $date, bool $south): bool
    {
        return self::seasonOf($date, $south) === $season;
    }
}
