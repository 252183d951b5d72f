<?php

declare(strict_types=1);

namespace App\Pages\Rounds;

use App\Models\Schedules\LeftOut;

/** What is to come in from all yards, and what is not among it. */
final readonly class Batches
{
    /**
     * @param  list<ReadySupers>  $in
     * @param  list<LeftOut>  $left
     */
    public function __construct(public array $in, public array $left)
    {
    }

    public function supers(): int
    {
        return array_sum(array_map(static fn (ReadySupers $batch): int => count($batch->supers()), $this->in));
    }

    public function kg(): float
    {
        return array_sum(array_map(static fn (ReadySupers $batch): float => $batch->kg(), $this->in));
    }
}
