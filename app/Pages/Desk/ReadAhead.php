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
 * Many writes in a row cause one run.
 */
final class ReadAhead implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use Queueable;

    /** Seconds to wait after a write, for more writes of the same person. */
    private const SECONDS = 2;

    public int $tries = 3;

    public int $maxExceptions = 1;

    /** Seconds after which a lost run is requested again. */
    public int $uniqueFor = 60;

    public function __construct(public readonly string $operation)
    {
    }

    public static function after(Written $write): void
    {
        // With the sync queue it would make the writer wait. The write itself is saved either way.
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
