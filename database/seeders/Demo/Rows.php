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
        'hive_scales',
        'blooms',
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

    /** @var list<array<string, mixed>> */
    private array $readings = [];

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

    /** What a scale sent: no record, it goes with its scale. */
    public function reading(string $scaleId, int $at, float $kg): void
    {
        $this->readings[] = [
            'hive_scale_id' => $scaleId,
            'at' => gmdate('Y-m-d H:i:s', $at),
            'source' => '',
            'kg' => $kg,
        ];
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
        foreach (array_chunk($this->readings, 2000) as $chunk) {
            DB::table('scale_readings')->insert($chunk);
        }
        $this->rows = $this->readings = [];
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
