<?php

declare(strict_types=1);

namespace App\Apiary\Hives;

use Illuminate\Support\Facades\DB;

/** Finds the hive that each of many records belongs to, for lists of all kinds of record. */
final class HiveNames
{
    /** Records that name a hive by another one: column => table that knows the hive. */
    private const BY = [
        'assessment_id' => 'assessments',
        'colony_id' => 'colonies',
        'box_id' => 'box_places',
    ];

    /**
     * A frame that was moved belongs to the hive that it came from, else to the one that it went to.
     *
     * @param  array<array-key, mixed>  $record  its columns
     */
    private static function named(array $record): ?string
    {
        foreach (['hive_id', 'from_hive_id', 'to_hive_id'] as $column) {
            if (is_string($record[$column] ?? null)) {
                return $record[$column];
            }
        }

        return null;
    }

    /**
     * @param  array<array-key, array<array-key, mixed>>  $records  columns of each
     * @return array<array-key, string> hive codes, for those that belong to one
     */
    public static function of(array $records): array
    {
        $hives = array_filter(array_map(self::named(...), $records));
        foreach (self::BY as $column => $table) {
            $asked = array_filter(array_map(
                static fn (array $one): ?string => is_string($one[$column] ?? null) ? $one[$column] : null,
                array_diff_key($records, $hives),
            ));
            if ($asked !== []) {
                $key = $table === 'box_places' ? 'box_id' : 'id';
                $found = DB::table($table)->whereIn($key, array_unique($asked))->orderBy('id')->pluck('hive_id', $key);
                foreach ($asked as $i => $id) {
                    $hives[$i] = $found[$id] ?? null;
                }
            }
        }
        $hives = array_filter($hives, is_string(...));
        $codes = DB::table('hives')->whereIn('id', array_unique($hives))->pluck('code', 'id');

        return array_filter(array_map(static fn (string $id): ?string => $codes[$id] ?? null, $hives), is_string(...));
    }
}
