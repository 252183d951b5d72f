<?php

declare(strict_types=1);

namespace App\Transfer;

use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Cache\ScopeVersions;
use App\Foundation\Writes\Record;
use Closure;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Throwable;

/**
 * Reads a whole operation into an empty one. Records get ids of this installation, in the same order; what refers to
 * them, also within frozen values, goes with them. Values pass what a form would ask of them, references are looked up
 * in their own table and held by the database. All of it or nothing: the caller holds the transaction.
 */
final class WholeImport
{
    private const AT_ONCE = 400;

    /** A statement stays below what a database takes. */
    private const BYTES_AT_ONCE = 2_000_000;

    /** Progress is told after so many rows. */
    private const TOLD_AFTER = 2000;

    /** @var array<array-key, int>|null people of this operation */
    private ?array $members = null;

    /** @var array<string, array<array-key, string>> what a row's column refers to, where that comes in later */
    private array $later = [];

    /** @var array<string, true> tables that are in */
    private array $done = [];

    private int $rows = 0;

    public function __construct(
        private readonly CurrentOperation $current,
        private readonly WholeTables $tables,
        private readonly ScopeVersions $versions,
    ) {
    }

    /**
     * @param  Closure(string, int, int): void|null  $progress  what is read in, how much of how much
     *
     * @throws Unreadable saying where
     */
    public function read(WholeSource $source, ?Closure $progress = null): ReadIn
    {
        $progress ??= static fn (): null => null;
        $progress('count', 0, 1);
        $ids = NewIds::of($this->tables->all(), $source);
        $limits = $this->limits($source);
        $records = 0;
        try {
            // The settings first: what a value may be is a question of the operation it goes into.
            (new WholeSettings($this->current))->read($source->settings(), $limits);
            $photographs = ReadPhotographs::of($source, $this->tables->all()[WholeTables::PHOTOS], $progress);
            foreach ($this->tables->all() as $table) {
                $records += $this->table($table, $source, $ids, $limits, $photographs, $progress);
                $this->done[$table->name] = true;
            }
            $this->refer();
        } catch (QueryException $refusal) {
            throw Unreadable::because(__('the database refuses it: :why', [
                'why' => mb_substr((string) $refusal->getPrevious()?->getMessage(), 0, 200),
            ]));
        }
        $this->versions->touch(ScopeVersions::EVERYWHERE);

        return new ReadIn($records, $photographs->found(), $photographs->missing());
    }

    private function limits(WholeSource $source): Limits
    {
        $limits = new Limits;
        foreach ($source->rows($this->tables->all()['box_kinds']) as $row) {
            $limits->know(is_string($row['key'] ?? null) ? $row['key'] : '');
        }

        return $limits;
    }

    /**
     * @param  Closure(string, int, int): void  $progress
     */
    private function table(
        WholeTable $table,
        WholeSource $source,
        NewIds $ids,
        Limits $limits,
        ReadPhotographs $photographs,
        Closure $progress,
    ): int {
        $own = $table->hasId() ? ['operation_id' => $this->current->get()->id] : [];
        $isOfPhotographs = $table->name === WholeTables::PHOTOS;
        $rows = [];
        $count = $bytes = 0;
        foreach ($source->rows($table) as $i => $row) {
            if ($isOfPhotographs) {
                $row['sha256'] = $photographs->nameHere($row);
                if ($row['sha256'] === null) {
                    continue;
                }
            }
            $values = $own + $this->row($table, $row, $ids, $limits, "$table->name, $i");
            $this->cast($table, $values, "$table->name, $i");
            $rows[] = $values;
            $count++;
            $bytes += strlen(implode('', $values));
            if (count($rows) === self::AT_ONCE || $bytes > self::BYTES_AT_ONCE) {
                DB::table($table->name)->insert($rows);
                $rows = [];
                $bytes = 0;
            }
            if (++$this->rows % self::TOLD_AFTER === 0) {
                $progress('records', $this->rows, $ids->count());
            }
        }
        if ($rows !== []) {
            DB::table($table->name)->insert($rows);
        }

        return $table->hasId() ? $count : 0;
    }

    /**
     * @param  array<array-key, mixed>  $row
     * @return array<string, string|int|float|null>
     */
    private function row(WholeTable $table, array $row, NewIds $ids, Limits $limits, string $where): array
    {
        $values = [];
        $id = is_string($row['id'] ?? null) ? (string) $ids->in($table->name, $row['id']) : '';
        foreach ($table->columns as $column) {
            try {
                if (! array_key_exists($column->name, $row)) {
                    throw Unreadable::because(__('the value is missing'));
                }
                $value = $column->in($row[$column->name]);
                $limits->check($table->name, $column, $value);
                $word = $table->words[$column->name] ?? null;
                if ($value !== null && $word !== null && (is_float($value) || $word::tryFrom($value) === null)) {
                    throw Unreadable::because(__('":value" is not known', ['value' => mb_substr((string) $value, 0, 40)]));
                }
                $values[$column->name] = match (true) {
                    $value === null => null,
                    in_array($column->name, $table->people, true) => $this->person((string) $value),
                    $column->name === 'id' && $table->hasId() => $id,
                    isset($table->parents[$column->name]) => $this->reference($table, $column, $value, $id, $ids),
                    default => is_string($value) ? $ids->exchanged($value) : $value,
                };
            } catch (Unreadable $refusal) {
                throw $refusal->at("$where, $column->name");
            }
        }

        return $values;
    }

    /**
     * @return ?string the new id; null where the record it refers to comes later and is filled in then
     *
     * @throws Unreadable when its own table has no such row
     */
    private function reference(
        WholeTable $table,
        WholeColumn $column,
        string|int|float $old,
        string $id,
        NewIds $ids,
    ): ?string {
        $parent = $table->parents[$column->name];
        $new = $ids->in($parent, (string) $old) ?? throw Unreadable::because(__('the record it refers to is not in the file'));
        if (isset($this->done[$parent]) || ! $column->isNullable) {
            return $new;
        }
        $this->later["$table->name.$column->name"][$id] = $new;

        return null;
    }

    /** Mothers may stand after their daughters. */
    private function refer(): void
    {
        foreach ($this->later as $place => $values) {
            [$table, $column] = explode('.', $place);
            foreach (array_chunk($values, self::AT_ONCE, true) as $some) {
                $given = [];
                foreach ($some as $id => $new) {
                    array_push($given, (string) $id, $new);
                }
                $cases = str_repeat(' when ? then ?', count($some));
                $places = implode(', ', array_fill(0, count($some), '?'));
                DB::update(
                    "update `$table` set `$column` = case id$cases end where id in ($places)",
                    [...$given, ...array_map(strval(...), array_keys($some))],
                );
            }
        }
    }

    /**
     * A value that a record reads as an object must be one.
     *
     * @param  array<string, string|int|float|null>  $values
     */
    private function cast(WholeTable $table, array $values, string $where): void
    {
        foreach ($table->casts as $column) {
            try {
                $model = new $table->model;
                assert($model instanceof Record);
                $model->setRawAttributes($values)->getAttribute($column);
            } catch (Throwable) {
                throw Unreadable::because(__('the value is not known here'))->at("$where, $column");
            }
        }
    }

    /** Somebody of this operation, or whoever reads it in. */
    private function person(string $id): string
    {
        $this->members ??= array_flip($this->current->get()->memberships()->pluck('user_id')->map(strval(...))->all());

        return isset($this->members[$id]) ? $id : (string) Auth::id();
    }
}
