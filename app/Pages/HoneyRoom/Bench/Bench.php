<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\Bench;

use App\Models\ExtractorLoad;
use App\Models\JarFill;
use App\Models\Lot;
use App\Models\RoomAirReading;
use App\Models\Station;
use App\Models\TakenSuper;
use App\Pages\HoneyRoom\Batches\BatchState;
use App\Pages\HoneyRoom\LotStack;
use App\Pages\HoneyRoom\WarmRoom\DryingStack;
use Illuminate\Support\Collection;

/** The bench of the honey room as it stands now: from the door to the shelf. */
final readonly class Bench
{
    /**
     * @param  list<LotStack>  $stacks
     * @param  list<DryingStack>  $drying
     * @param  list<float>  $buckets  kg in each that is not empty
     * @param  list<BatchState>  $batches  not done
     * @param  Collection<int, JarFill>  $jars  of which some are on the shelf
     * @param  float  $todayKg  weighed today
     * @param  float  $beforeKg  of the same lots before
     */
    public function __construct(
        public array $stacks,
        public array $drying,
        public ?RoomAirReading $air,
        public ?ExtractorLoad $running,
        public array $buckets,
        public array $batches,
        public Collection $jars,
        public float $todayKg,
        public float $beforeKg,
    ) {
    }

    /** @return Collection<int, TakenSuper> */
    public function at(Station ...$stations): Collection
    {
        return collect($this->stacks)
            ->flatMap(static fn (LotStack $one): Collection => $one->at(...$stations))
            ->values();
    }

    /** Supers and frames that wait for the extractor; what dries does not. */
    public function waiting(): int
    {
        return $this->at(Station::Door)
            ->filter(static fn (TakenSuper $one): bool => $one->used_for->isExtracted())
            ->count();
    }

    public function count(string $station): int
    {
        return $this->at(Station::from($station))->count();
    }

    /** @return list<Lot> of which something is spun, or in the extractor */
    public function lotsToWeigh(): array
    {
        $some = array_filter($this->stacks, static fn (LotStack $one): bool => $one->at(Station::Spun)->isNotEmpty());

        return array_values(array_map(static fn (LotStack $one): Lot => $one->lot, $some));
    }

    public function bucketsKg(): float
    {
        return array_sum($this->buckets);
    }

    public function jarsOnShelf(): int
    {
        return (int) $this->jars->sum(static fn (JarFill $one): int => $one->onShelf());
    }

    public function isEmpty(): bool
    {
        return $this->stacks === []
            && $this->buckets === []
            && $this->batches === []
            && $this->jars->isEmpty()
            && $this->running === null;
    }
}
