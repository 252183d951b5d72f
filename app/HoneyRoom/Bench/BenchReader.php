<?php

declare(strict_types=1);

namespace App\HoneyRoom\Bench;

use App\HoneyRoom\Batches\BatchState;
use App\HoneyRoom\WarmRoom\DryingReader;
use App\Models\Batch;
use App\Models\Bucket;
use App\Models\ExtractorLoad;
use App\Models\JarFill;
use App\Operation\CurrentOperation;
use App\Support\SeasonCalendar;
use DateTimeZone;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;

/** Reads the bench: a dozen queries, whatever stands on it. */
final readonly class BenchReader
{
    private const JARS = 12;

    public function __construct(
        private CurrentOperation $current,
        private LotStacks $stacks,
        private DryingReader $drying,
    ) {
    }

    public function read(): Bench
    {
        $stacks = $this->stacks->read(['readings']);
        [$today, $before] = $this->weighed();

        return new Bench(
            $stacks,
            $this->drying->of($stacks),
            $this->drying->airNow(),
            ExtractorLoad::query()->whereNull('spun_at')->with('frames')->latest('id')->first(),
            $this->buckets(),
            $this->batches(),
            $this->jars(),
            $today,
            $before,
        );
    }

    /** @return Collection<int, Bucket> of this season, with honey in them */
    private function buckets(): Collection
    {
        return Bucket::query()
            ->whereHas('lot', fn (Builder $lot) => $lot->whereHas(
                'harvest',
                fn (Builder $harvest) => $harvest->where('season', $this->season()),
            ))
            ->with(['pours', 'lot'])
            ->orderBy('weighed_at')
            ->orderBy('number')
            ->get()
            ->filter(static fn (Bucket $one): bool => $one->leftKg() > 0.05)
            ->values()
            ->toBase();
    }

    /** @return array{float, float} kg weighed today, and of the same lots before */
    private function weighed(): array
    {
        $from = $this->current->today()->setTimezone(new DateTimeZone('UTC'));
        $today = Bucket::query()->where('weighed_at', '>=', $from)->get(['lot_id', 'gross_kg', 'tare_kg']);
        $before = Bucket::query()
            ->whereIn('lot_id', $today->pluck('lot_id')->unique()->all())
            ->where('weighed_at', '<', $from)
            ->get(['gross_kg', 'tare_kg']);
        $kg = static fn (Bucket $one): float => $one->netKg();

        return [(float) $today->sum($kg), (float) $before->sum($kg)];
    }

    /** @return list<BatchState> */
    private function batches(): array
    {
        return array_values(Batch::query()
            ->whereNull('closed_on')
            ->with(['pours.bucket', 'fills.kind'])
            ->orderBy('poured_at')
            ->get()
            ->map(static fn (Batch $one): BatchState => new BatchState($one))
            ->filter(static fn (BatchState $one): bool => $one->leftKg() > 0.05)
            ->all());
    }

    /** @return Collection<int, JarFill> */
    private function jars(): Collection
    {
        return JarFill::query()
            ->with(['batch', 'kind', 'moves'])
            ->orderByDesc('filled_on')
            ->orderByDesc('id')
            ->limit(4 * self::JARS)
            ->get()
            ->filter(static fn (JarFill $one): bool => $one->onShelf() > 0)
            ->take(self::JARS)
            ->values()
            ->toBase();
    }

    private function season(): int
    {
        return SeasonCalendar::seasonOf($this->current->today(), $this->current->get()->latitude < 0);
    }
}
