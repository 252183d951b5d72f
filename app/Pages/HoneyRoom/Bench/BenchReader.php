<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\Bench;

use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Places\SeasonCalendar;
use App\Models\Batch;
use App\Models\Bucket;
use App\Models\ExtractorLoad;
use App\Models\JarFill;
use App\Models\Pour;
use App\Models\Station;
use App\Pages\HoneyRoom\Batches\BatchState;
use App\Pages\HoneyRoom\LotStack;
use App\Pages\HoneyRoom\LotStacks;
use App\Pages\HoneyRoom\WarmRoom\DryingReader;
use DateTimeZone;
use Illuminate\Database\Eloquent\Collection as Records;
use Illuminate\Support\Collection;

/** Reads the bench with a dozen queries, however much is on it. */
final readonly class BenchReader
{
    private const JARS = 12;

    /** Honey that sticks to an empty bucket, kg. */
    private const EMPTY_KG = 0.05;

    public function __construct(
        private CurrentOperation $current,
        private LotStacks $stacks,
        private DryingReader $drying,
    ) {
    }

    public function read(): Bench
    {
        $stacks = $this->stacks->read(of: []);
        // Only drying supers need their water.
        $dry = array_map(static fn (LotStack $one): array => $one->at(Station::Dry)->all(), $stacks);
        (new Records(array_merge([], ...$dry)))->load('readings');
        [$today, $before] = $this->weighed();

        return new Bench(
            $stacks,
            $this->drying->of($stacks, inFull: false),
            $this->drying->airNow(),
            ExtractorLoad::query()->whereNull('spun_at')->with('frames')->latest('id')->first(),
            $this->buckets(),
            $this->batches(),
            $this->jars(),
            $today,
            $before,
        );
    }

    /** @return list<float> kg still in each bucket that has any, of this season, as they were weighed */
    private function buckets(): array
    {
        $poured = Pour::query()->selectRaw('bucket_id, sum(kg) as kg')->groupBy('bucket_id')->toBase();
        $from = SeasonCalendar::firstDay($this->season(), $this->current->get()->latitude < 0);
        $left = Bucket::query()
            ->leftJoinSub($poured, 'poured', 'poured.bucket_id', 'buckets.id')
            ->where('weighed_at', '>=', $from->format('Y-m-d'))
            ->orderBy('weighed_at')
            ->orderBy('number')
            ->toBase()
            ->selectRaw('gross_kg - tare_kg - coalesce(poured.kg, 0) as kg')
            ->pluck('kg')
            ->map(static fn (mixed $kg): float => is_numeric($kg) ? (float) $kg : 0.0);

        return array_values($left->filter(static fn (float $kg): bool => $kg > self::EMPTY_KG)->all());
    }

    /** @return array{float, float} kg weighed today, and of the same lots before */
    private function weighed(): array
    {
        $from = $this->current->today()->setTimezone(new DateTimeZone('UTC'));
        $today = Bucket::query()->where('weighed_at', '>=', $from)->get(['lot_id', 'gross_kg', 'tare_kg']);
        if ($today->isEmpty()) {
            return [0.0, 0.0];
        }
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
            ->with(['kind', 'moves'])
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
