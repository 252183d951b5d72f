<?php

declare(strict_types=1);

namespace App\Foundation\Writes;

use App\Foundation\Access\Tenant;
use App\Foundation\Cache\ScopeVersions;
use Illuminate\Support\Facades\DB;
use Spatie\Activitylog\Facades\LogBatch;

/**
 * The one write that a request may have under way: a transaction and a batch of the audit trail. A refusal gives it
 * up first, so that the answer shows only what is saved.
 */
final class OpenWrite
{
    /** How deep transactions were nested before it began; null where none is under way. */
    private ?int $below = null;

    public function __construct(private readonly ScopeVersions $versions, private readonly Tenant $tenant)
    {
    }

    public function begin(): void
    {
        $this->below = DB::transactionLevel();
        DB::beginTransaction();
        LogBatch::startBatch();
    }

    public function keep(): void
    {
        $this->versions->raise();
        DB::commit();
        $this->end();
        $operation = $this->tenant->id();
        if ($operation !== null) {
            event(new Written($operation));
        }
    }

    /** Undoes all of it; does nothing if no write is under way. */
    public function giveUp(): void
    {
        if ($this->below === null) {
            return;
        }
        DB::rollBack($this->below);
        $this->versions->forget();
        $this->end();
    }

    private function end(): void
    {
        LogBatch::endBatch();
        $this->below = null;
    }
}
