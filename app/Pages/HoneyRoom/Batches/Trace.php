<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\Batches;

use App\Models\JarFill;
use App\Models\Treatment;
use Illuminate\Support\Collection;

/** Where the honey of a batch came from and where its jars went: back to the hives, forward to whoever has them. */
final readonly class Trace
{
    /**
     * @param  list<TracedLot>  $lots
     * @param  Collection<int, JarFill>  $fills
     * @param  Collection<int, Treatment>  $treatments  of its yards, within two years before
     */
    public function __construct(
        public BatchState $state,
        public array $lots,
        public Collection $fills,
        public Collection $treatments,
    ) {
    }

    public function given(): int
    {
        return array_sum($this->fills->map(static fn (JarFill $one): int => $one->count - $one->onShelf())->all());
    }

    public function jars(): int
    {
        return array_sum($this->fills->pluck('count')->all());
    }
}
