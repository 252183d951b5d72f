<?php

declare(strict_types=1);

namespace App\Transfer;

use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Cache\ScopeVersions;
use App\Models\ImportState;
use App\Models\Operation;
use App\Models\OperationImport;
use App\Models\Role;
use App\Models\User;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Throwable;

/**
 * Reads the file of a whole operation in, in the background and in one transaction: all of it or nothing. If the worker
 * is ended meanwhile, the file is read again from its beginning.
 */
final class ReadWhole implements ShouldQueue
{
    use Queueable;

    /** How often its worker may be ended; a refusal is not tried again. */
    public int $tries = 10;

    public int $maxExceptions = 1;

    /** Seconds; 5,000 photographs take some minutes. */
    public int $timeout = 3600;

    public bool $failOnTimeout = true;

    public function __construct(public readonly string $import)
    {
    }

    public function handle(
        CurrentOperation $current,
        WholeTables $tables,
        WholeState $state,
        ScopeVersions $versions,
        EveryPage $pages,
    ): void {
        $import = OperationImport::query()->find($this->import);
        if ($import === null || $import->state->isOver()) {
            return;
        }
        if (! $this->hold()) {
            // Another worker is reading it.
            $this->release(30);

            return;
        }
        $import->update(['state' => ImportState::Reading]);
        Auth::setUser($person = User::query()->findOrFail($import->user_id));
        try {
            DB::transaction(function () use ($import, $person, $current, $tables, $state, $versions, $pages): void {
                $operation = $this->target($import, $person, $current, $state);
                $source = UploadedWhole::of($import)->source(array_keys($tables->all()));
                $progress = new ImportProgress($import->id);
                $read = app(WholeImport::class)->read($source, $progress->tell(...));
                $progress->tell('pages', 0, 1);
                $versions->raise();
                $pages->check($person);
                $import->update([
                    'operation_id' => $operation->id,
                    'state' => ImportState::Done,
                    'records' => $read->records,
                    'photographs' => $read->photographs,
                    'photographs_missing' => $read->missing,
                ]);
            });
        } catch (Unreadable $refusal) {
            $this->refuse($refusal->getMessage());
        } finally {
            $versions->forget();
            $current->leave();
            $this->letGo();
        }
        UploadedWhole::of($import)->delete();
    }

    public function failed(?Throwable $why): void
    {
        $this->refuse($why instanceof Unreadable
            ? $why->getMessage()
            : __('the import broke off; the reason is in the log of this installation'));
        $import = OperationImport::query()->find($this->import);
        if ($import !== null) {
            UploadedWhole::of($import)->delete();
        }
    }

    /** The operation that it goes into, emptied of an untouched first yard, or a new one of the person's. */
    private function target(
        OperationImport $import,
        User $person,
        CurrentOperation $current,
        WholeState $state,
    ): Operation {
        if ($import->operation_id !== null) {
            $operation = Operation::query()->lockForUpdate()->findOrFail($import->operation_id);
            $current->enter($operation, Role::Owner);
            if (! $state->isEmpty()) {
                throw Unreadable::because(__('records were added to this operation meanwhile'));
            }
            $state->clear();

            return $operation;
        }
        $operation = Operation::query()->create(['name' => __('My bees'), 'time_zone' => 'UTC', 'latitude' => 0.0]);
        $operation->memberships()->create(['user_id' => $person->id, 'role' => Role::Owner]);
        $person->update(['current_operation_id' => $operation->id]);
        $current->enter($operation, Role::Owner);

        return $operation;
    }

    private function refuse(string $why): void
    {
        $operation = OperationImport::query()->whereKey($this->import)->value('operation_id');
        if (is_string($operation)) {
            // What the pages computed from records that are gone again must fit no later state.
            DB::table('revisions')->where('operation_id', $operation)->increment('number', 2);
        }
        OperationImport::query()->whereKey($this->import)->update([
            'state' => ImportState::Refused,
            'reason' => mb_substr($why, 0, 500),
        ]);
    }

    /** A lock of this connection: it ends with the worker, however that ends. */
    private function hold(): bool
    {
        return (int) DB::scalar('select get_lock(?, 0)', ["import.$this->import"]) === 1;
    }

    private function letGo(): void
    {
        DB::scalar('select release_lock(?)', ["import.$this->import"]);
    }
}
