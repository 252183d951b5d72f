<?php

declare(strict_types=1);

namespace App\Compare\Out;

use App\Operation\CurrentOperation;
use App\Operation\Policy;
use App\Records\Bearing;
use App\Records\Revisions;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Throwable;

/**
 * Reads a whole operation into an empty one. Records get ids of this installation, in the same order; what refers to
 * them, also within frozen values, goes with them. All of it or nothing: the caller holds the transaction.
 */
final class WholeImport
{
    private const AT_ONCE = 400;

    /** Of photographs: a statement stays below what a database takes. */
    private const BYTES_AT_ONCE = 2_000_000;

    private const ID = '/\b[0-7][0-9a-hjkmnp-tv-z]{25}\b/i';

    /** Of the operation; what else it has stays as it was. */
    private const SETTINGS = [
        'name',
        'time_zone',
        'latitude',
        'longitude',
        'policy',
        'policy_version',
        'kit',
        'crew',
        'extractor',
        'extractor_radius_cm',
        'extractor_radial',
        'extractor_rpm',
        'extractor_force_n',
        'dry_room',
        'demo_today',
    ];

    /** @var array<string, string> new id by old, in small letters */
    private array $ids = [];

    /** @var array<array-key, int>|null people of this operation */
    private ?array $members = null;

    public function __construct(
        private readonly CurrentOperation $current,
        private readonly WholeTables $tables,
        private readonly Revisions $revisions,
    ) {
    }

    /**
     * @return int records
     *
     * @throws Unreadable saying where
     */
    public function read(WholeSource $source): int
    {
        $this->number($source);
        $count = 0;
        // Mothers may stand after their daughters: that each row that is referred to is there is seen to here.
        DB::statement('set foreign_key_checks = 0');
        try {
            foreach ($this->tables->all() as $table) {
                $count += $this->table($table, $source);
            }
            $this->settings($source->settings());
        } catch (QueryException $refusal) {
            throw Unreadable::because(__('the database refuses it: :why', [
                'why' => mb_substr((string) $refusal->getPrevious()?->getMessage(), 0, 200),
            ]));
        } finally {
            DB::statement('set foreign_key_checks = 1');
        }
        $this->revisions->touch(Bearing::everywhere());

        return $count;
    }

    /** New ids in the order of the old ones. */
    private function number(WholeSource $source): void
    {
        $old = [];
        foreach ($this->tables->all() as $table) {
            foreach ($table->hasId() ? $source->rows($table) : [] as $row) {
                $id = $row['id'] ?? null;
                if (! is_string($id) || ! Str::isUlid($id)) {
                    throw Unreadable::because(__('a row of :table has no id', ['table' => $table->name]));
                }
                if (isset($old[strtolower($id)])) {
                    throw Unreadable::because(__('the id :id stands in it twice', ['id' => $id]));
                }
                $old[strtolower($id)] = true;
            }
        }
        ksort($old, SORT_STRING);
        foreach (array_keys($old) as $id) {
            $this->ids[(string) $id] = strtolower((string) Str::ulid());
        }
    }

    private function table(WholeTable $table, WholeSource $source): int
    {
        $own = $table->hasId() ? ['operation_id' => $this->current->get()->id] : [];
        $rows = [];
        $count = $bytes = 0;
        foreach ($source->rows($table) as $i => $row) {
            $rows[] = $values = $own + $this->row($table, $row, "$table->name, $i");
            $count++;
            $bytes += strlen(implode('', $values));
            if (count($rows) === self::AT_ONCE || $bytes > self::BYTES_AT_ONCE) {
                DB::table($table->name)->insert($rows);
                $rows = [];
                $bytes = 0;
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
    private function row(WholeTable $table, array $row, string $where): array
    {
        $values = [];
        foreach ($table->columns as $column) {
            try {
                if (! array_key_exists($column->name, $row)) {
                    throw Unreadable::because(__('it is missing'));
                }
                $value = $column->in($row[$column->name]);
                $parent = $table->parents[$column->name] ?? null;
                if ($value !== null && $parent !== null && ! isset($this->ids[strtolower((string) $value)])) {
                    throw Unreadable::because(__('what it refers to is not in it'));
                }
                $word = $table->words[$column->name] ?? null;
                if ($value !== null && $word !== null && (is_float($value) || $word::tryFrom($value) === null)) {
                    throw Unreadable::because(__('":value" is not known', ['value' => mb_substr((string) $value, 0, 40)]));
                }
            } catch (Unreadable $refusal) {
                throw $refusal->at("$where, $column->name");
            }
            $values[$column->name] = match (true) {
                $value !== null && in_array($column->name, $table->people, true) => $this->person((string) $value),
                $column->kind === 'base64' => $value,
                default => $this->renumbered($value),
            };
        }

        return $values;
    }

    /** Somebody of this operation, or whoever reads it in. */
    private function person(string $id): string
    {
        $this->members ??= array_flip($this->current->get()->memberships()->pluck('user_id')->map(strval(...))->all());

        return isset($this->members[$id]) ? $id : (string) Auth::id();
    }

    private function renumbered(string|int|float|null $value): string|int|float|null
    {
        return is_string($value) && strlen($value) >= 26
            ? preg_replace_callback(
                self::ID,
                fn (array $found): string => $this->ids[strtolower($found[0])] ?? $found[0],
                $value,
            )
            : $value;
    }

    /** @param  array<array-key, mixed>  $settings */
    private function settings(array $settings): void
    {
        $known = array_intersect_key($settings, array_flip(self::SETTINGS));
        foreach ($known as $name => $value) {
            if (! is_scalar($value) && $value !== null) {
                throw Unreadable::because("operation, $name: ".__('a single value is wanted'));
            }
        }
        $isZone = in_array($known['time_zone'] ?? 'UTC', \DateTimeZone::listIdentifiers(), true);
        if (! $isZone) {
            throw Unreadable::because('operation, time_zone: '.__('this is no time zone'));
        }
        foreach (['policy', 'kit'] as $json) {
            if (isset($known[$json]) && ! is_array(json_decode((string) $known[$json], true))) {
                throw Unreadable::because("operation, $json: ".__('this is no JSON'));
            }
        }
        DB::table('operations')->where('id', $this->current->get()->id)->update($known + ['imported_at' => now()]);
        $operation = $this->current->get()->refresh();
        try {
            Policy::of($operation);
            $operation->getAttribute('kit');
        } catch (Throwable) {
            throw Unreadable::because('operation: '.__('its policy or kit is none that is known here'));
        }
    }
}
