<?php

declare(strict_types=1);

namespace App\Pages\Desk;

use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Writes\Written;
use App\Models\Operation;
use App\Models\Role;
use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/**
 * Computes what every page shows of an operation after a write, so that the next page finds it cached.
 * Of many writes one reading follows.
 */
final class ReadAhead implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use Queueable;

    /** Whoever paints frame after frame is waited for. */
    private const SECONDS = 2;

    public int $tries = 3;

    public int $maxExceptions = 1;

    /** Seconds after which another is asked for, where this one was lost. */
    public int $uniqueFor = 60;

    public function __construct(public readonly string $operation)
    {
    }

    public static function after(Written $write): void
    {
        // Where jobs are done at once, it would keep the writer waiting. What is stored is stored, asked for or not.
        if (config('queue.default') !== 'sync') {
            rescue(static fn () => self::dispatch($write->operationId)->delay(self::SECONDS));
        }
    }

    public function uniqueId(): string
    {
        return $this->operation;
    }

    public function handle(CurrentOperation $current, SummaryReader $summary): void
    {
        $operation = Operation::query()->find($this->operation);
        if ($operation !== null) {
            $current->enter($operation, Role::Owner);
            $summary->read();
            $current->leave();
        }
    }
}
