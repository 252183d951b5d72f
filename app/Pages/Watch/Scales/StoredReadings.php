<?php

declare(strict_types=1);

namespace App\Pages\Watch\Scales;

use App\Models\HiveScale;
use Illuminate\Support\Facades\DB;

/** Writes readings of a scale, a thousand at once; the same moment of the same source is written over. */
final class StoredReadings
{
    private const AT_ONCE = 1000;

    /**
     * @param  array<int, float>  $readings  kg by moment
     * @param  string  $source  the import's id; empty where the device sent them
     * @return int 0 where all of it was so already; else how many are new or of another value, one that was written
     *             over counting for two where others beside it did not change
     */
    public static function write(HiveScale $scale, array $readings, string $source = ''): int
    {
        $changed = 0;
        foreach (array_chunk($readings, self::AT_ONCE, preserve_keys: true) as $some) {
            $rows = [];
            foreach ($some as $at => $kg) {
                $rows[] = [
                    'hive_scale_id' => $scale->id,
                    'at' => gmdate('Y-m-d H:i:s', $at),
                    'source' => $source,
                    'kg' => $kg,
                ];
            }
            // MariaDB counts 1 for a new row, 2 for a changed one, 0 for an equal one.
            $touched = DB::table('scale_readings')->upsert($rows, ['hive_scale_id', 'at', 'source'], ['kg']);
            $changed += min(count($rows), $touched);
        }

        return $changed;
    }
}
