<?php

declare(strict_types=1);

namespace App\Pages\Watch\Scales;

use DateTimeImmutable;
use DateTimeZone;

/** Moments as files write them: with a zone or in the yard's, with day and month in either order, or as seconds. */
final readonly class Moments
{
    private const DAY = '/^(\d{1,4})[.\/\-](\d{1,2})[.\/\-](\d{1,4})(?:[T\s,]+(.+))?$/';

    private const TIME = '/^(\d{1,2})[:.](\d{2})(?:[:.](\d{2}))?(?:[.,]\d+)?\s*(am|pm|a\.m\.|p\.m\.)?\s*(Z|[+-]\d{2}:?\d{2})?$/i';

    public function __construct(private string $order, private DateTimeZone $zone)
    {
    }

    public static function isLike(string $cell): bool
    {
        return preg_match(self::DAY, trim($cell)) === 1 || preg_match('/^1\d{9}(\d{3})?$/', trim($cell)) === 1;
    }

    public static function isTime(string $cell): bool
    {
        return str_contains($cell, ':') && self::clock(trim($cell)) !== null;
    }

    /**
     * As the figures of many moments show it: one above twelve is no month.
     *
     * @param  list<string>  $cells
     */
    public static function order(array $cells): string
    {
        $first = $second = 0;
        foreach ($cells as $cell) {
            if (preg_match(self::DAY, trim($cell), $of) === 1) {
                if (strlen($of[1]) === 4) {
                    return 'ymd';
                }
                $first = max($first, (int) $of[1]);
                $second = max($second, (int) $of[2]);
            }
        }

        return $second > 12 && $first <= 12 ? 'mdy' : 'dmy';
    }

    /** Null where it cannot be read. */
    public function read(string $cell, string $time = ''): ?DateTimeImmutable
    {
        $cell = trim($cell);
        if (preg_match('/^(1\d{9})(\d{3})?$/', $cell, $seconds) === 1) {
            return new DateTimeImmutable("@$seconds[1]");
        }
        if (preg_match(self::DAY, $cell, $of) !== 1) {
            return null;
        }
        [$year, $month, $day] = match (strlen($of[1]) === 4 ? 'ymd' : $this->order) {
            'ymd' => [$of[1], $of[2], $of[3]],
            'mdy' => [$of[3], $of[1], $of[2]],
            default => [$of[3], $of[2], $of[1]],
        };
        $year = (int) $year + (strlen($year) === 2 ? 2000 : 0);
        $clock = trim($time) !== '' ? trim($time) : trim($of[4] ?? '');
        $at = $clock === '' ? [12, 0, 0, null] : self::clock($clock);
        if (! checkdate((int) $month, (int) $day, max(1, $year)) || $year < 1990 || $year > 2200 || $at === null) {
            return null;
        }
        $text = sprintf('%04d-%02d-%02d %02d:%02d:%02d', $year, $month, $day, $at[0], $at[1], $at[2]);

        return new DateTimeImmutable($text, $at[3] ?? $this->zone);
    }

    /** @return array{int, int, int, ?DateTimeZone}|null */
    private static function clock(string $text): ?array
    {
        if (preg_match(self::TIME, $text, $of) !== 1) {
            return null;
        }
        $half = strtolower($of[4] ?? '');
        $hour = (int) $of[1];
        if ($half !== '') {
            $hour = $hour % 12 + (str_starts_with($half, 'p') ? 12 : 0);
        }
        $zone = ($of[5] ?? '') === '' ? null : new DateTimeZone($of[5] === 'Z' || $of[5] === 'z' ? '+00:00' : $of[5]);

        return $hour < 24 && (int) $of[2] < 60 ? [$hour, (int) $of[2], min(59, (int) ($of[3] ?? 0)), $zone] : null;
    }
}
