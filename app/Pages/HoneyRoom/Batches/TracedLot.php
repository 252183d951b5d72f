<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\Batches;

use App\Models\Lot;
use App\Models\Pour;
use App\Models\TakenSuper;
use Illuminate\Support\Collection;

/** A lot that a batch comes from: its buckets in it, the supers behind them. */
final readonly class TracedLot
{
    /** @param  Collection<int, Pour>  $pours */
    public function __construct(public Lot $lot, public Collection $pours)
    {
    }

    public function kg(): float
    {
        return (float) $this->pours->sum('kg');
    }

    /** What its supers were read at, at the door and in the warm room; empty where none was. */
    public function doorWords(): string
    {
        $read = $this->lot->harvest->supers
            ->flatMap(static fn (TakenSuper $one): array => $one->readings->pluck('water_pct')->all())
            ->map(static fn (mixed $pct): float => is_numeric($pct) ? (float) $pct : 0.0);

        return $read->isEmpty()
            ? ''
            : __('supers :lo – :hi %', ['lo' => round((float) $read->min(), 1), 'hi' => round((float) $read->max(), 1)]);
    }

    /** What its buckets in it were read at. */
    public function waterWords(): string
    {
        $read = $this->pours->map(static fn (Pour $one): ?float => $one->bucket->water_pct)->filter();

        return $read->isEmpty()
            ? __('water not read')
            : round((float) $read->min(), 1).' – '.round((float) $read->max(), 1).' %';
    }

    /** @return list<string> "7, 8, 12": the buckets that it comes from */
    public function buckets(): array
    {
        return array_values($this->pours->map(static fn (Pour $one): string => (string) $one->bucket->number)->all());
    }

    /** @return array<array-key, int> supers and frames by hive */
    public function hives(): array
    {
        $hives = $this->lot->harvest->supers
            ->filter(static fn (TakenSuper $one): bool => $one->isInBuckets())
            ->countBy(static fn (TakenSuper $one): string => $one->hive->code)
            ->all();
        ksort($hives, SORT_NATURAL);

        return $hives;
    }
}
