<?php

declare(strict_types=1);

namespace App\Transfer;

use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Cache\ScopeVersions;
use App\Foundation\Writes\Activity;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Whether a whole operation may come in here, and whether one that did can be taken back. */
final readonly class WholeState
{
    public function __construct(
        private CurrentOperation $current,
        private WholeTables $tables,
        private ScopeVersions $versions,
    ) {
    }

    /** Whether there is nothing here but, at most, the first yard as it was set up: one write, and none after it. */
    public function isEmpty(): bool
    {
        return ! $this->hasRecords() || ($this->importedAt() === null && $this->writes() === 1 && $this->yards() === 1);
    }

    /** Whether a whole operation was read in here and nothing was changed since. */
    public function canBeTakenBack(): bool
    {
        $since = $this->importedAt();
        if ($since === null) {
            return false;
        }
        foreach ($this->tables->all() as $table) {
            if ($table->hasId() && $this->own($table->name)->where('updated_at', '>', $since)->exists()) {
                return false;
            }
        }

        return true;
    }

    /** As empty as it was before. */
    public function takeBack(): void
    {
        $this->clear();
        DB::table('operations')->where('id', $this->current->get()->id)->update(['imported_at' => null]);
    }

    /** Deletes all records here. */
    public function clear(): void
    {
        // What depends on others goes before them: it stands last.
        $tables = array_reverse($this->tables->all());
        $gone = [];
        foreach ($tables as $table) {
            // A record may refer to another of its own table, or of one that goes before it: that is let go first.
            $gone[] = $table->name;
            $refers = array_intersect_key(array_intersect($table->parents, $gone), array_flip($table->nullable()));
            if ($table->hasId() && $refers !== []) {
                $this->own($table->name)->update(array_fill_keys(array_keys($refers), null));
            }
        }
        foreach ($tables as $table) {
            ($table->hasId()
                ? $this->own($table->name)
                : DB::table($table->name)->whereIn($table->link(), $this->own($table->parent())->select('id'))
            )->delete();
        }
        $this->versions->touch(ScopeVersions::EVERYWHERE);
    }

    private function hasRecords(): bool
    {
        foreach ($this->tables->all() as $table) {
            if ($table->hasId() && $this->own($table->name)->exists()) {
                return true;
            }
        }

        return false;
    }

    private function writes(): int
    {
        return Activity::ofThisOperation()->distinct()->count('batch_uuid');
    }

    private function yards(): int
    {
        return $this->own('apiaries')->count();
    }

    private function importedAt(): ?string
    {
        $at = DB::table('operations')->where('id', $this->current->get()->id)->value('imported_at');

        return is_string($at) ? $at : null;
    }

    private function own(string $table): Builder
    {
        return DB::table($table)->where('operation_id', $this->current->get()->id);
    }
}
