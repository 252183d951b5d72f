<?php

declare(strict_types=1);

namespace App\Pages\Watch\Scales;

use App\Foundation\Sheets\CsvText;

/** Which column of a file is what, and how its moments are written. */
final readonly class Mapping
{
    public const NONE = -1;

    /**
     * @param  int  $at  column of the moment, or of its date
     * @param  int  $time  column of the time of day, where it stands apart; NONE where not
     * @param  string  $order  of day and month where figures alone do not tell: dmy, mdy or ymd
     * @param  string  $unit  kg or lb
     */
    public function __construct(
        public int $at,
        public int $time,
        public int $weight,
        public string $order,
        public string $unit,
    ) {
    }

    /**
     * As it looks: by the words of the first row, else by what stands in the columns.
     *
     * @param  list<list<string>>  $rows  the first of the file
     */
    public static function guessed(array $rows): self
    {
        $first = self::firstReading($rows);
        $head = array_map(mb_strtolower(...), $first > 0 ? $rows[$first - 1] : []);
        $body = array_slice($rows, $first);
        $at = self::named($head, '/(date.?time|timestamp|datum.*(zeit|uhr|tid)|moment|measured|recorded|aufgez)/u');
        $at = $at === self::NONE ? self::named($head, '/(date|datum|dag|day|jour|fecha|data)/u') : $at;
        $at = $at === self::NONE ? self::columnOf($body, Moments::isLike(...)) : $at;
        $time = self::named($head, '/^(time|zeit|uhrzeit|uhr|tid|klockslag|heure|hora|ora)/u');
        $time = $time === self::NONE ? self::columnOf($body, Moments::isTime(...)) : $time;
        $weight = self::named($head, '/(weight|gewicht|vikt|vægt|poids|peso|kg|lbs?\b)/u');
        $weight = $weight === self::NONE ? self::columnOf($body, self::isLikeAHive(...)) : $weight;
        $inPounds = preg_match('/(lb|pound)/', $head[$weight] ?? '') === 1;

        return new self(
            max(0, $at),
            $time === $at ? self::NONE : $time,
            $weight === self::NONE ? min(1, max(0, count($rows[$first] ?? []) - 1)) : $weight,
            Moments::order(array_map(static fn (array $row): string => $row[max(0, $at)] ?? '', $body)),
            $inPounds ? 'lb' : 'kg',
        );
    }

    /**
     * The names of the columns: the row before the first reading, else the first.
     *
     * @param  list<list<string>>  $rows
     * @return list<string>
     */
    public static function head(array $rows): array
    {
        return $rows[max(0, self::firstReading($rows) - 1)] ?? [];
    }

    /** @param  list<list<string>>  $rows */
    private static function firstReading(array $rows): int
    {
        foreach ($rows as $i => $row) {
            if (array_filter($row, Moments::isLike(...)) !== []) {
                return $i;
            }
        }

        return 0;
    }

    /** @param  list<string>  $head */
    private static function named(array $head, string $pattern): int
    {
        foreach ($head as $i => $word) {
            if (preg_match($pattern, $word) === 1) {
                return $i;
            }
        }

        return self::NONE;
    }

    private static function isLikeAHive(string $cell): bool
    {
        $kg = Moments::isLike($cell) ? null : CsvText::number($cell);

        return $kg !== null && $kg > 5.0 && $kg < 400.0;
    }

    /**
     * @param  list<list<string>>  $rows
     * @param  callable(string): bool  $is
     */
    private static function columnOf(array $rows, callable $is): int
    {
        $found = [];
        foreach ($rows as $row) {
            foreach ($row as $i => $cell) {
                $found[$i] = ($found[$i] ?? 0) + ($is($cell) ? 1 : 0);
            }
        }
        arsort($found);
        $best = array_key_first($found);

        return $best === null || $found[$best] < 0.6 * count($rows) ? self::NONE : $best;
    }
}
