<?php

declare(strict_types=1);

namespace App\Pages\Compare\Out;

use App\Foundation\Sheets\CsvText;

/** A notebook's page: hives down, seasons across. It is read as one row per hive and season. */
final class YieldGrid
{
    private const YEAR = '/^(19|20)\d\d$/';

    /** The text with one row per hive and season; as it is where its first row names no two years. */
    public static function long(string $text): string
    {
        $rows = array_values(iterator_to_array((new CsvText($text))->rows()));
        $head = $rows[0] ?? [];
        $years = array_filter($head, static fn (string $cell): bool => preg_match(self::YEAR, $cell) === 1);
        if (count($years) < 2) {
            return $text;
        }
        $others = array_diff_key($head, $years);
        $isPounds = preg_grep('/\b(lbs?|pounds?)\b/i', $others);
        $named = array_map(
            static fn (int|string $i, string $cell): string => $i === array_key_first($others) ? 'hive' : $cell,
            array_keys($others),
            $others,
        );
        $long = [[...$named, 'year', $isPounds === [] || $isPounds === false ? 'kg' : 'lb']];
        foreach (array_slice($rows, 1) as $cells) {
            foreach ($years as $i => $year) {
                if (($cells[$i] ?? '') !== '') {
                    $own = array_map(static fn (int|string $at): string => $cells[$at] ?? '', array_keys($others));
                    $long[] = [...$own, $year, $cells[$i]];
                }
            }
        }

        return self::text($long);
    }

    /**
     * What was typed, as such a text.
     *
     * @param  array<array-key, mixed>  $cells  yields by hive and season
     * @param  string  $unit  kg or lb
     */
    public static function typed(array $cells, string $unit): string
    {
        $long = [['hive', 'year', $unit]];
        foreach ($cells as $hive => $seasons) {
            foreach (is_array($seasons) ? $seasons : [] as $season => $yield) {
                if (is_string($yield) && trim($yield) !== '') {
                    $long[] = [(string) $hive, (string) $season, trim($yield)];
                }
            }
        }

        return count($long) === 1 ? '' : self::text($long);
    }

    /** @param  list<list<string>>  $rows */
    private static function text(array $rows): string
    {
        $line = static fn (array $cells): string => implode(';', array_map(
            static fn (string $cell): string => '"'.str_replace('"', '""', $cell).'"',
            $cells,
        ));

        return implode("\n", array_map($line, $rows));
    }
}
