<?php

declare(strict_types=1);

namespace App\Apiary\Harvest;

use App\Foundation\Units\Formatter;
use App\Models\Bucket;
use App\Models\Lot;
use App\Models\Station;
use App\Models\TakenSuper;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Collection;
use Marjoram\Core\Comb\CombAssumptions;
use Marjoram\Core\Comb\Kilograms;
use Marjoram\Core\HoneyRoom\AllotResult;
use Marjoram\Core\HoneyRoom\Allotting;
use Marjoram\Core\HoneyRoom\SuperShare;
use Marjoram\Core\HoneyRoom\WeighedBucket;
use Marjoram\Core\InvalidInput;

/**
 * The account of a lot: what its supers were judged to hold, what its buckets weigh, and what that allots to each super
 * and hive; why not, where it cannot be said yet.
 */
final readonly class LotLedger
{
    private function __construct(public Lot $lot, public ?AllotResult $allotted, public ?InvalidInput $refusal)
    {
    }

    public static function of(Lot $lot): self
    {
        if ($lot->buckets->isEmpty()) {
            return new self($lot, null, null);
        }
        try {
            return new self(
                $lot,
                (new Allotting)->allot(self::shares($lot), self::buckets($lot), $lot->loss_kg),
                null,
            );
        } catch (InvalidInput $refusal) {
            return new self($lot, null, $refusal);
        }
    }

    /**
     * Writes what the buckets allot to each super, so that Compare finds it; called whenever something that the
     * account is made of has changed. Of two at once the second waits here, and sees what the first wrote.
     */
    public static function settle(Lot $lot): void
    {
        $lot->claim(null)->unsetRelations();
        $lot->load([
            'buckets' => static fn (HasMany $buckets) => $buckets->sharedLock(),
            'harvest.supers' => static fn (HasMany $supers) => $supers->lockForUpdate(),
            'harvest.supers.hive',
            'harvest.supers.spinning.run',
        ]);
        $ledger = self::of($lot);
        foreach ($lot->harvest->supers as $super) {
            [$kg, $sd] = $ledger->given($super);
            $super->update([
                'allotted_kg' => $kg === null ? null : round($kg, 3),
                'allotted_sd_kg' => $sd === null ? null : round($sd, 3),
            ]);
        }
    }

    /** @return array{?float, ?float} what a super gave, kg, and its sd; nulls while the judged honey counts */
    private function given(TakenSuper $super): array
    {
        $isHalfSpun = $super->shareOut() > 0.0 && $super->shareOut() < 1.0;
        $got = $isHalfSpun ? null : $this->allotted->supers[$super->id] ?? null;

        return match (true) {
            $super->isInBuckets() => [$got?->kg, $got?->sdKg],
            $super->station === Station::Missing => [0.0, 0.0],
            // Not extracted: as it was weighed.
            $super->used_kg !== null => [$super->used_kg, 0.0],
            default => [null, null],
        };
    }

    /** What the buckets say of what was judged or weighed, in a sentence. */
    public function words(Formatter $format): string
    {
        $allotted = $this->allotted;
        if ($allotted === null) {
            return __('No bucket is weighed yet.');
        }
        if ($allotted->measuredToEstimated !== null) {
            return __('The buckets hold :p of the estimate.', [
                'p' => $format->percent($allotted->measuredToEstimated),
            ]);
        }
        $kg = ['kg' => $format->kg(abs($allotted->differenceKg))];

        return $allotted->differenceKg < 0.0
            ? __('The supers gave :kg more than the buckets hold. Is a bucket missing, or did honey stay in the machine?', $kg)
            : __('The buckets hold :kg more than the supers gave. Was a super not weighed?', $kg);
    }

    /** What a single frame gave on average: to be held against what people say of theirs; null where none came in. */
    public function kgAFrame(): ?float
    {
        $got = $this->allotted->supers ?? [];
        $frames = $this->lot->harvest->supers->filter(static fn (TakenSuper $one): bool => $one->isFrame());
        $kg = $frames->map(static fn (TakenSuper $one): ?float => $got[$one->id]->kg ?? null)->filter();

        return $kg->isEmpty() ? null : (float) $kg->avg();
    }

    /** @return array<array-key, float> kg that the supers of each hive were judged to hold, by code */
    public function judgedByHive(): array
    {
        $judged = [];
        foreach ($this->inBuckets() as $super) {
            $judged[$super->hive->code] = ($judged[$super->hive->code] ?? 0.0) + $super->estimate_kg;
        }
        ksort($judged, SORT_NATURAL);

        return $judged;
    }

    public function estimated(): Kilograms
    {
        $fill = (new CombAssumptions)->boxRelativeSd;

        return Kilograms::sum($this->inBuckets()->map(static fn (TakenSuper $one): Kilograms => new Kilograms(
            $one->estimate_kg,
            $fill * $one->estimate_kg,
            $one->own_sd_kg,
        )));
    }

    /** @return Collection<int, TakenSuper> whose honey is, or will be, in buckets */
    private function inBuckets(): Collection
    {
        return $this->lot->harvest->supers
            ->filter(static fn (TakenSuper $super): bool => $super->isInBuckets())
            ->toBase();
    }

    /** What the cappings' wax is of the honey weighed; null where either is not known. */
    public function waxShare(): ?float
    {
        $wax = $this->lot->capping?->wax_kg;
        $honey = $this->measuredKg();

        return $wax === null || $honey <= 0.0 ? null : $wax / $honey;
    }

    /** Supers and frames whose honey is out. */
    public function spun(): int
    {
        return $this->lot->harvest->supers
            ->filter(static fn (TakenSuper $one): bool => $one->station->isEmptied())
            ->count();
    }

    public function measuredKg(): float
    {
        return (float) $this->lot->buckets->sum(fn (Bucket $bucket): float => $bucket->netKg());
    }

    /**
     * What is in the buckets came from the supers that are spun, wholly or in part; where nobody tapped that any is,
     * from all.
     *
     * @return list<SuperShare>
     */
    private static function shares(Lot $lot): array
    {
        $supers = $lot->harvest->supers->filter(static fn (TakenSuper $super): bool => $super->isInBuckets());
        $begun = $supers->filter(static fn (TakenSuper $super): bool => $super->shareOut() > 0.0);
        $shares = [];
        foreach ($begun->isEmpty() ? $supers : $begun as $super) {
            $shares[] = self::share($super, $begun->isEmpty() ? 1.0 : $super->shareOut());
        }

        return $shares;
    }

    private static function share(TakenSuper $super, float $out): SuperShare
    {
        return $out >= 1.0 && $super->before_kg !== null && $super->after_kg !== null
            ? SuperShare::weighed($super->id, $super->hive->code, $super->before_kg, $super->after_kg)
            : SuperShare::estimated(
                $super->id,
                $super->hive->code,
                $out * $super->estimate_kg,
                $out * $super->own_sd_kg,
            );
    }

    /** @return list<WeighedBucket> */
    private static function buckets(Lot $lot): array
    {
        return array_values(
            $lot->buckets
                ->map(fn (Bucket $bucket): WeighedBucket => new WeighedBucket($bucket->gross_kg, $bucket->tare_kg))
                ->all(),
        );
    }
}
