<?php

declare(strict_types=1);

namespace Marjoram\Core\Flow\Filter;

use DateTimeImmutable;
use DateTimeZone;

/** Days of the calendar where the yard is, as running numbers. */
final class LocalDay
{
    public static function number(DateTimeImmutable $at, DateTimeZone $zone): int
    {
        return self::ofDate($at->setTimezone($zone)->format('Y-m-d'));
    }

    public static function ofDate(string $date): int
    {
        return intdiv((new DateTimeImmutable($date, new DateTimeZone('UTC')))->getTimestamp(), 86400);
    }

    public static function text(int $number): string
    {
        return (new DateTimeImmutable('@'. 86400 * $number))->format('Y-m-d');
    }

    /** The first instant of a day. */
    public static function begins(int $number, DateTimeZone $zone): DateTimeImmutable
    {
        return new DateTimeImmutable(self::text($number), $zone);
    }
}
