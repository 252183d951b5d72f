<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\Batches;

use App\Models\Batch;
use App\Models\JarFill;
use App\Models\Lot;
use App\Models\Pour;
use DateTimeImmutable;
use Illuminate\Support\Collection;
use Marjoram\Core\HoneyRoom\RoomAssumptions;
use Marjoram\Core\Viscosity\Settling;
use Marjoram\Core\Viscosity\Viscosity;

/** Honey in a tank: what was poured into it, when it is clear, what is jarred. */
final readonly class BatchState
{
    public float $kg;

    public float $jarredKg;

    /** Mean of the buckets that were read, by their kg; null where none was. */
    public ?float $waterPct;

    public float $hoursToClear;

    public function __construct(public Batch $batch)
    {
        $this->kg = (float) $batch->pours->sum('kg');
        $this->jarredKg = (float) $batch->fills->sum(static fn (JarFill $one): float => $one->kg());
        $read = $batch->pours->filter(static fn (Pour $one): bool => $one->bucket->water_pct !== null);
        $kg = (float) $read->sum('kg');
        $this->waterPct = $kg > 0.0
            ? (float) $read->sum(static fn (Pour $one): float => $one->kg * (float) $one->bucket->water_pct) / $kg
            : null;
        $settling = new Settling;
        $rise = $settling->riseCmPerDay(
            max(Viscosity::LEAST_C, min(Viscosity::MOST_C, $batch->celsius)),
            max(
                Viscosity::LEAST_WATER_PCT,
                min(Viscosity::MOST_WATER_PCT, $this->waterPct ?? (new RoomAssumptions)->waterPct),
            ),
        );
        $this->hoursToClear = $settling->hoursToClear($batch->depth_cm, $rise);
    }

    public function leftKg(): float
    {
        return max(0.0, $this->kg - $this->jarredKg);
    }

    public function clearAt(): DateTimeImmutable
    {
        return $this->batch->poured_at->modify('+'.(int) round(60.0 * $this->hoursToClear).' minutes');
    }

    /** How far it has cleared, 0 to 1. */
    public function cleared(DateTimeImmutable $now): float
    {
        $hours = ($now->getTimestamp() - $this->batch->poured_at->getTimestamp()) / 3600.0;

        return max(0.0, min(1.0, $hours / $this->hoursToClear));
    }

    /** @return Collection<int, Lot> the lots that it comes from */
    public function lots(): Collection
    {
        return $this->batch->pours
            ->map(static fn (Pour $one): Lot => $one->bucket->lot)
            ->unique('id')
            ->sortBy('code')
            ->values()
            ->toBase();
    }
}
