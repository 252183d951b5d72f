<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Collects rows of one operation and writes them in bulk, parents first. */
final class Rows
{
    private const ORDER = [
        'apiaries',
        'stands',
        'hives',
        'queens',
        'colonies',
        'colony_facts',
        'boxes',
        'box_places',
        'assessments',
        'frame_looks',
        'moisture_readings',
        'scale_weights',
        'flow_signs',
        'weather_days',
        'winter_looks',
        'treatments',
        'hive_weighings',
        'feedings',
        'instruments',
        'harvest_policies',
        'practice_tries',
        'harvests',
        'lots',
        'taken_supers',
        'frame_moves',
        'buckets',
        'room_readings',
        'room_airs',
        'room_checks',
        'bucket_kinds',
        'batches',
        'pours',
        'jar_kinds',
        'jar_fills',
        'jar_moves',
    ];

    /** @var array<string, list<array<string, mixed>>> */
    private array $rows = [];

    public function __construct(public readonly string $operationId, private readonly string $now)
    {
    }

    /** @param  array<string, mixed>  $row */
    public function add(string $table, array $row): string
    {
        $id = (string) Str::ulid();
        $this->rows[$table][] =
            [
                'id' => $id,
                'operation_id' => $this->operationId,
                'created_at' => $this->now,
                'updated_at' => $this->now,
            ] + $row;

        return $id;
    }

    /** Changes a row added before. */
    public function set(string $table, string $id, string $column, mixed $value): void
    {
        foreach ($this->rows[$table] ?? [] as $i => $row) {
            if ($row['id'] === $id) {
                $this->rows[$table][$i][$column] = $value;
            }
        }
    }

    /** @return list<array{string, float}> the buckets of a lot: id and net kg */
    public function buckets(string $code): array
    {
        $lots = array_column($this->rows['lots'] ?? [], 'id', 'code');
        $buckets = [];
        foreach ($this->rows['buckets'] ?? [] as $row) {
            if ($row['lot_id'] === ($lots[$code] ?? null)) {
                $buckets[] = [(string) $row['id'], (float) $row['gross_kg'] - (float) $row['tare_kg']];
            }
        }

        return $buckets;
    }

    public function write(): void
    {
        foreach (self::ORDER as $table) {
            foreach ($this->alike($this->rows[$table] ?? []) as $rows) {
                foreach (array_chunk($rows, 400) as $chunk) {
                    DB::table($table)->insert($chunk);
                }
            }
        }
        $this->rows = [];
    }

    /**
     * A bulk insert takes rows of the same columns.
     *
     * @param  list<array<string, mixed>>  $rows
     * @return array<string, list<array<string, mixed>>>
     */
    private function alike(array $rows): array
    {
        $groups = [];
        foreach ($rows as $row) {
            $groups[implode(',', array_keys($row))][] = $row;
        }

        return $groups;
    }
}
