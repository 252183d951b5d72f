<?php

declare(strict_types=1);

namespace App\YardState\Winter;

use App\Models\Apiary;
use App\Operation\Computed;
use App\Operation\CurrentOperation;
use App\Operation\Policy;
use App\YardState\BoxState;
use App\YardState\HiveState;
use App\YardState\YardState;
use Marjoram\Core\Reserve\Reserve;
use Marjoram\Core\Reserve\ReserveAssumptions;
use Marjoram\Core\Reserve\ReserveResult;
use Marjoram\Core\Reserve\StoredBox;
use Marjoram\Core\Reserve\UseCalibration;
use Marjoram\Core\Reserve\UsePaths;
use Marjoram\Core\Reserve\WinterSchool;
use Marjoram\Core\Reserve\WinterUse;
use Marjoram\Core\Ripeness\Verdict;

/** Maps a yard's state to the core's question about winter. */
final readonly class WinterReader
{
    public function __construct(
        private CurrentOperation $current,
        private Computed $kept,
        private WinterNotesReader $records,
    ) {
    }

    /** @return array<string, HiveWinter> by hive code */
    public function read(YardState $yard): array
    {
        $parts = $this->kept->remember(
            'winter.3.'.$yard->apiary->id,
            fn (): array => $this->make($yard->apiary, $yard->hives),
            $yard->apiary->revision,
        );
        $hives = [];
        foreach ($parts as $code => $part) {
            if (isset($yard->hives[$code])) {
                $hives[(string) $code] = new HiveWinter($yard->hives[$code], ...$part);
            }
        }

        return $hives;
    }

    /** One hive afresh; what its yard's other hives taught about use is as kept. */
    public function one(Apiary $apiary, HiveState $state): ?HiveWinter
    {
        if ($state->boxes === []) {
            return null;
        }
        $policy = Policy::at($this->current, $apiary);
        $season = $this->season($apiary, $policy);
        $record = $this->records->of([$state->hive->id])[$state->hive->id];
        $learnt = $this->kept->remember(
            "winter-use.$apiary->id",
            fn (): UseCalibration => UseCalibration::of([], $policy->number('winter_factor')),
            $apiary->revision,
        );

        return new HiveWinter($state, ...$this->hive($state, $record, $season, $policy, $learnt));
    }

    public function season(Apiary $apiary, ?Policy $policy = null): WinterSeason
    {
        return WinterSeason::of($apiary, $policy ?? Policy::at($this->current, $apiary), $this->current->today());
    }

    /**
     * @param  array<string, HiveState>  $states
     * @return array<string, array{ReserveResult, WinterNotes, BroodStores, float, list<StoredBox>, ?string, list<string>}>
     */
    private function make(Apiary $apiary, array $states): array
    {
        $policy = Policy::at($this->current, $apiary);
        $season = $this->season($apiary, $policy);
        $records = $this->records->of(
            array_values(array_map(static fn (HiveState $state): string => $state->hive->id, $states)),
        );
        $learnt = UseReader::learn($states, $records, $season->whole, $policy);
        $this->kept->remember("winter-use.$apiary->id", fn (): UseCalibration => $learnt, $apiary->revision);
        $hives = [];
        foreach ($states as $code => $state) {
            if ($state->boxes !== []) {
                $hives[(string) $code] = $this->hive($state, $records[$state->hive->id], $season, $policy, $learnt);
            }
        }

        return $hives;
    }

    /** @return array{ReserveResult, WinterNotes, BroodStores, float, list<StoredBox>, ?string, list<string>} */
    private function hive(
        HiveState $state,
        WinterNotes $record,
        WinterSeason $season,
        Policy $policy,
        UseCalibration $learnt,
    ): array {
        $factor = $learnt->factorOf($state->hive->code);
        $stores = BroodStores::of($state, $record, $policy, $season, $factor);
        $boxes = self::boxes($state, $record, $stores);
        $counted = array_values(
            array_filter(
                $boxes,
                static fn (StoredBox $box): bool => ($record->decisions[$box->id]->choice ?? null) !== 'take',
            ),
        );
        $assess = static fn (StoredBox ...$of): ReserveResult => (new Reserve)->assess(
            $season->use(),
            $stores->framesOfBees,
            array_values($of),
            $factor,
            $policy->number('winter_confidence'),
            $policy->number('sugar_to_stores'),
            WinterSchool::from($policy->text('winter_school')),
            (int) $policy->number('winter_boxes'),
        );
        $reserve = $assess(...$counted === [] ? [new StoredBox('none', 0.0, 0.0, true)] : $counted);

        return [
            $reserve,
            $record,
            $stores,
            $factor,
            $boxes,
            $this->runsOut($season, $stores, $factor, $reserve),
            self::spareWhenRipe($state, $counted, $assess),
        ];
    }

    /**
     * The supers that are to wait, less those that winter will need even when all of them are ripe.
     *
     * @param  list<StoredBox>  $boxes
     * @param  \Closure(StoredBox...): ReserveResult  $assess
     * @return list<string>
     */
    private static function spareWhenRipe(HiveState $state, array $boxes, \Closure $assess): array
    {
        $waiting = array_map(
            static fn (BoxState $box): string => $box->box->id,
            array_values(
                array_filter(
                    $state->supers(),
                    static fn (BoxState $box): bool => $box->decision === null && $box->verdict() === Verdict::Wait,
                ),
            ),
        );
        if ($waiting === []) {
            return [];
        }
        $then = $assess(
            ...array_map(
                static fn (StoredBox $box): StoredBox => in_array($box->id, $waiting, true)
                    ? new StoredBox($box->id, $box->honeyKg, $box->sdKg, $box->brood, true)
                    : $box,
                $boxes,
            ),
        );

        return array_values(array_diff($waiting, $then->keep));
    }

    /** The day by which stores may run out in more than a fifth of winters, once winter has begun. */
    private function runsOut(WinterSeason $season, BroodStores $stores, float $factor, ReserveResult $reserve): ?string
    {
        if (! $season->hasBegun()) {
            return null;
        }

        return UsePaths::runsOut(
            $season
                ->paths()
                ->stores(
                    $season->today,
                    $reserve->storesKg,
                    $reserve->storesSdKg,
                    WinterUse::scale($stores->framesOfBees, $factor, new ReserveAssumptions),
                ),
        )?->format('Y-m-d');
    }

    /** @return list<StoredBox> from the floor up; one pinned by decision counts as a brood box: it stays */
    private static function boxes(HiveState $state, WinterNotes $record, BroodStores $stores): array
    {
        $share = 1.0 / max(1, count($state->broodBoxes()));
        $boxes = [];
        foreach ($state->boxes as $box) {
            $decision = $record->decisions[$box->box->id] ?? null;
            $boxes[] = $box->isSuper()
                ? new StoredBox(
                    $box->box->id,
                    min(200.0, $box->honey->honeyKg),
                    min(100.0, $box->honey->sdKg),
                    $decision?->choice === 'stay',
                    $box->verdict()->comesOff(),
                )
                : new StoredBox(
                    $box->box->id,
                    min(200.0, $stores->kg * $share),
                    min(100.0, $stores->sdKg * $share),
                    true,
                );
        }

        return $boxes;
    }
}
