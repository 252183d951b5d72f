<?php

declare(strict_types=1);

namespace App\Foundation\Writes;

use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Tells whether the records of a write are still as it left them, with nothing newer that depends on them. */
final class SinceThen
{
    /** @var array<string, list<array{string, string}>>|null tables and columns that point at a table, by its name */
    private ?array $pointers = null;

    /**
     * @param  Collection<int, Activity>  $batch  newest first
     *
     * @throws CannotUndo when it does not, with who changed what since
     */
    public function check(Collection $batch): void
    {
        $records = $goes = [];
        foreach ($batch as $line) {
            $records[] = (string) $line->subject_id;
            if ($line->event === 'created' || $line->event === 'restored') {
                $goes[] = (string) $line->subject_id;
            }
        }
        $going = array_flip($goes);
        $created = [];
        foreach ($batch->unique('subject_id') as $line) {
            if ($line->subject instanceof Record) {
                $this->hold($line->subject);
                if (isset($going[$line->subject->id]) && ! $line->subject->trashed()) {
                    $created[$line->subject->getTable()][$line->subject->id] = $line->subject;
                }
                $this->refuseIfGroundIsGone($line, $records);
            }
            $this->refuseIfChanged($line);
        }
        foreach ($created as $table => $ofTable) {
            $this->refuseIfBuiltOn($table, $ofTable, $records);
        }
    }

    private function refuseIfChanged(Activity $line): void
    {
        $newer = Activity::ofThisOperation()
            ->where('subject_type', $line->subject_type)
            ->where('subject_id', $line->subject_id)
            ->where('id', '>', $line->id)
            ->where('batch_uuid', '!=', $line->batch_uuid)
            ->whereNull('undone_at')
            ->with('causer', 'subject')
            ->latest('id')
            ->first();
        $change = Change::of($line);
        $isAsLeft = $line->subject === null || $change->event !== 'updated' || $change->stands($line->subject);
        if ($newer === null && $isAsLeft) {
            return;
        }
        $what = $line->subject instanceof Record ? $line->subject->label() : __('record');
        throw new CannotUndo(__(':who has changed :what since then. Nothing was undone.', [
            'what' => ucfirst($what),
            'who' => LastChange::nameOf($newer?->causer),
        ]));
    }

    /** Reads the saved record and locks it until the undo is done. */
    private function hold(Record $record): void
    {
        $stored = $record->newQueryWithoutScopes()->whereKey($record->id)->lockForUpdate()->first();
        if ($stored instanceof Record) {
            $record->setRawAttributes($stored->getAttributes(), true);
        }
    }

    /**
     * Reads all records of a table at once: a write of sixty hives makes a hundred of each.
     *
     * @param  array<array-key, Record>  $records  by id
     * @param  list<string>  $within  ids that are taken back with them
     */
    private function refuseIfBuiltOn(string $of, array $records, array $within): void
    {
        foreach ($this->pointersAt($of) as [$table, $column]) {
            $on = DB::table($table)
                ->whereIn($column, array_map(strval(...), array_keys($records)))
                ->whereNull('deleted_at')
                ->whereNotIn('id', $within)
                ->value($column);
            if (is_string($on) && isset($records[$on])) {
                throw new CannotUndo(__('Something was added to :what since then (:where). Nothing was undone.', [
                    'what' => $records[$on]->label(),
                    'where' => __(str_replace('_', ' ', $table)),
                ]));
            }
        }
    }

    /** @param  list<string>  $within */
    private function refuseIfGroundIsGone(Activity $line, array $within): void
    {
        if ($line->event !== 'deleted' || ! $line->subject instanceof Record) {
            return;
        }
        foreach (Schema::getForeignKeys($line->subject->getTable()) as $key) {
            $id = $line->subject->getAttributes()[$key['columns'][0]] ?? null;
            $table = $key['foreign_table'];
            if ($id === null || in_array($id, $within, true) || ! Schema::hasColumn($table, 'deleted_at')) {
                continue;
            }
            if (! DB::table($table)->where('id', $id)->whereNull('deleted_at')->exists()) {
                throw new CannotUndo(__('The record that :what belonged to was removed since then. Nothing was undone.', [
                    'what' => $line->subject->label(),
                ]));
            }
        }
    }

    /** @return list<array{string, string}> of tables of records: what has no bin goes with what it belongs to */
    private function pointersAt(string $table): array
    {
        if ($this->pointers === null) {
            $this->pointers = [];
            $rows = DB::table('information_schema.key_column_usage')
                ->where('table_schema', DB::connection()->getDatabaseName())
                ->whereNotNull('referenced_table_name')
                ->whereIn('table_name', self::tablesWithBin())
                ->get(['table_name as of', 'column_name as by', 'referenced_table_name as at']);
            foreach ($rows as $row) {
                $this->pointers[$row->at][] = [$row->of, $row->by];
            }
        }

        return $this->pointers[$table] ?? [];
    }

    /** @return list<string> */
    private static function tablesWithBin(): array
    {
        return array_values(DB::table('information_schema.columns')
            ->where('table_schema', DB::connection()->getDatabaseName())
            ->where('column_name', 'deleted_at')
            ->pluck('table_name')
            ->all());
    }
}
