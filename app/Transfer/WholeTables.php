<?php

declare(strict_types=1);

namespace App\Transfer;

use App\Foundation\Writes\Record;
use App\Foundation\Writes\RecordKinds;
use BackedEnum;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Support\Facades\DB;

/** The tables of an operation's records, parents first, as the database has them. */
final class WholeTables
{
    private const READINGS = 'scale_readings';

    public const PHOTOS = 'hive_photos';

    /** Rows that belong to a record and are no records: by which column, to what, in which order they go out. */
    private const WITHOUT_ID = [
        self::READINGS => ['hive_scale_id', 'hive_scales', 't.hive_scale_id, t.at, t.source'],
        self::PHOTOS => ['hive_note_id', 'hive_notes', 't.hive_note_id'],
    ];

    /** Secrets, and what is a person's alone, go nowhere. */
    private const LEFT_OUT = ['calendar_links'];

    private const SECRET = ['token_hash'];

    private const NOT_IN_IT = ['operation_id'];

    /** @var array<string, WholeTable>|null */
    private ?array $tables = null;

    /** @return array<string, WholeTable> by name */
    public function all(): array
    {
        if ($this->tables !== null) {
            return $this->tables;
        }
        $columns = $this->columns();
        $keys = $this->keys();
        $tables = [];
        foreach (array_reverse($this->models()) as $model) {
            $record = new $model;
            $name = $record->getTable();
            $of = $keys[$name] ?? [];
            if (! in_array($name, self::LEFT_OUT, true)) {
                $tables[$name] = new WholeTable(
                    $name,
                    $columns[$name] ?? [],
                    array_keys($of, 'users', true),
                    array_diff($of, ['operations', 'users']),
                    array_filter($record->getCasts(), static fn (mixed $cast): bool => is_string($cast)
                        && is_subclass_of($cast, BackedEnum::class)),
                    $model,
                    self::values($record),
                );
            }
        }
        foreach (self::WITHOUT_ID as $name => [$column, $parent, $order]) {
            $tables[$name] = new WholeTable(
                $name,
                $columns[$name] ?? [],
                [],
                [$column => $parent],
                [],
                order: $order,
            );
        }

        return $this->tables = $tables;
    }

    /** @return list<string> columns that are read as a value of their own */
    private static function values(Record $record): array
    {
        $isValue = static fn (mixed $cast): bool => is_string($cast)
            && is_subclass_of(explode(':', $cast)[0], CastsAttributes::class);
        $names = array_keys(array_filter($record->getCasts(), $isValue));

        return array_map(strval(...), $names);
    }

    /** @return list<class-string<Record>> */
    private function models(): array
    {
        return array_values(RecordKinds::classes());
    }

    /** @return array<string, list<WholeColumn>> by table */
    private function columns(): array
    {
        $columns = [];
        $rows = DB::select(
            'select table_name as place, column_name as name, data_type as type, is_nullable as nullable, extra,'
                .' column_type as whole from information_schema.columns where table_schema = database()'
                .' order by table_name, ordinal_position',
        );
        foreach ($rows as $row) {
            $isMade = str_contains(strtoupper((string) $row->extra), 'GENERATED');
            if (! $isMade && ! in_array($row->name, [...self::NOT_IN_IT, ...self::SECRET], true)) {
                $columns[(string) $row->place][] = WholeColumn::of(
                    (string) $row->name,
                    (string) $row->type,
                    (string) $row->whole,
                    $row->nullable === 'YES',
                );
            }
        }

        return $columns;
    }

    /** @return array<string, array<string, string>> table referred to, by table and column */
    private function keys(): array
    {
        $keys = [];
        $rows = DB::select(
            'select table_name as place, column_name as name, referenced_table_name as parent'
                .' from information_schema.key_column_usage'
                .' where table_schema = database() and referenced_table_name is not null',
        );
        foreach ($rows as $row) {
            $keys[(string) $row->place][(string) $row->name] = (string) $row->parent;
        }

        return $keys;
    }
}
