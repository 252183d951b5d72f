<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\Batches;

use App\Models\Lot;
use App\Models\Pour;
use App\Models\Treatment;
use Illuminate\Database\Eloquent\Collection;

/** Reads where a batch's honey came from and where its jars went. */
final class TraceReader
{
    private const YEARS_BACK = 2;

    public function of(BatchState $state): Trace
    {
        $batch = $state->batch;
        $lots = Lot::query()
            ->whereKey($state->lots()->pluck('id')->all())
            ->with(['harvest.apiary', 'harvest.supers.hive', 'harvest.supers.readings', 'capping'])
            ->orderBy('code')
            ->get();
        $yards = $lots->map(static fn (Lot $one): string => $one->harvest->apiary_id)->unique()->all();

        return new Trace(
            $state,
            array_values($lots
                ->map(static fn (Lot $lot): TracedLot => new TracedLot(
                    $lot,
                    $batch->pours
                        ->filter(static fn (Pour $one): bool => $one->bucket->lot_id === $lot->id)
                        ->values()
                        ->toBase(),
                ))
                ->all()),
            $batch->fills->toBase(),
            Treatment::query()
                ->whereIn('apiary_id', $yards)
                ->whereDate('supers_off_by', '>=', $batch->poured_at->subYears(self::YEARS_BACK)->format('Y-m-d'))
                ->whereDate('supers_off_by', '<=', $batch->poured_at->format('Y-m-d'))
                ->with('apiary')
                ->orderBy('supers_off_by')
                ->get()
                ->toBase(),
        );
    }

    /**
     * The batches that honey of a lot is in.
     *
     * @return Collection<int, Pour>
     */
    public function forward(Lot $lot): Collection
    {
        return Pour::query()
            ->whereHas('bucket', static fn ($bucket) => $bucket->where('lot_id', $lot->id))
            ->with(['batch.fills.kind', 'batch.fills.moves', 'bucket'])
            ->orderBy('id')
            ->get();
    }
}
