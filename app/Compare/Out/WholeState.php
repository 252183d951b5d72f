<?php

declare(strict_types=1);

namespace App\Compare\Out;

use App\Operation\CurrentOperation;
use App\Records\Bearing;
use App\Records\Revisions;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Whether a whole operation may come in here, and whether one that did can be taken back. */
final readonly class WholeState
{
    public function __construct(
        private CurrentOperation $current,
        private WholeTables $tables,
        private Revisions $revisions,
    ) {
    }

    /** Whether nothing was ever entered here. */
    public function isEmpty(): bool
    {
        if (DB::table('apiaries')->where('operation_id', $this->current->get()->id)->exists()) {
            return false;
        }
        foreach ($this->tables->all() as $table) {
            if ($table->hasId() && DB::table($table->name)->where('operation_id', $this->current->get()->id)->exists()) {
                return false;
            }
        }

        return true;
    }

    /** Whether a whole operation was read in here and nothing was changed since. */
    public function canBeTakenBack(): bool
    {
        $since = DB::table('operations')->where('id', $this->current->get()->id)->value('imported_at');
        if (! is_string($since)) {
            return false;
        }
        foreach ($this->tables->all() as $table) {
            $isChanged = $table->hasId() && DB::table($table->name)
                ->where('operation_id', $this->current->get()->id)
                ->where('updated_at', '>', $since)
                ->exists();
            if ($isChanged) {
                return false;
            }
        }

        return true;
    }

    /** As empty as it was before. */
    public function takeBack(): void
    {
        $operation = $this->current->get()->id;
        DB::statement('set foreign_key_checks = 0');
        try {
            // What hangs on others goes before them: it stands last.
            foreach (array_reverse($this->tables->all()) as $table) {
                $own = static fn (string $of): Builder => DB::table($of)->where('operation_id', $operation);
                ($table->hasId()
                    ? $own($table->name)
                    : DB::table($table->name)->whereIn($table->link(), $own($table->parent())->select('id'))
                )->delete();
            }
        } finally {
            DB::statement('set foreign_key_checks = 1');
        }
        DB::table('operations')->where('id', $this->current->get()->id)->update(['imported_at' => null]);
        $this->revisions->touch(Bearing::everywhere());
    }
}
