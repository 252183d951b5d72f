<?php

declare(strict_types=1);

namespace App\Apiary\Winter;

use App\Apiary\Hives\BoxState;
use App\Apiary\Hives\HiveState;
use App\Apiary\Operation\Policy;
use Closure;
use Marjoram\Core\Reserve\ColonyNeed;
use Marjoram\Core\Reserve\Reserve;
use Marjoram\Core\Reserve\ReserveAssumptions;
use Marjoram\Core\Reserve\ReserveResult;
use Marjoram\Core\Reserve\StoredBox;
use Marjoram\Core\Reserve\UseCalibration;
use Marjoram\Core\Reserve\UsePaths;
use Marjoram\Core\Reserve\WinterUse;
use Marjoram\Core\Ripeness\Verdict;

/** Puts the core's question about winter for the hives of one yard. */
final readonly class ShareCalculator
{
    public function __construct(
        private Policy $policy,
        private WinterSeason $season,
        private UseCalibration $learnt,
    ) {
    }

    public function share(HiveState $state, WinterNotes $notes): WinterShare
    {
        $factor = $this->learnt->factorOf($state->code);
        $stores = BroodStores::of($state, $notes, $this->policy, $this->season, $factor);
        $boxes = self::boxes($state, $stores);
        $counted = array_values(
            array_filter($boxes, static fn (StoredBox $box): bool => ! self::isSentAway($state->box($box->id))),
        );
        $doubt = $this->learnt->sdOf($state->code);
        $assess = $this->assess(new ColonyNeed($this->season->use($doubt), $stores->framesOfBees, $factor));
        $reserve = $assess(...$counted === [] ? [new StoredBox('none', 0.0, 0.0, true)] : $counted);

        return new WinterShare(
            $reserve,
            $stores,
            $factor,
            $doubt,
            $boxes,
            self::spareWhenRipe($state, $counted, $assess),
            $this->runsOut($stores, $factor, $doubt, $reserve),
        );
    }

    /** @return Closure(StoredBox...): ReserveResult */
    private function assess(ColonyNeed $need): Closure
    {
        $winter = $this->policy->winter;

        return static fn (StoredBox ...$boxes): ReserveResult => (new Reserve)->assess(
            $need,
            array_values($boxes),
            $winter->confidence,
            $winter->sugarToStores,
            $winter->school,
            $winter->boxes,
        );
    }

    /**
     * The supers that are to wait, less those that winter will need even when all of them are ripe.
     *
     * @param  list<StoredBox>  $boxes
     * @param  Closure(StoredBox...): ReserveResult  $assess
     * @return list<string>
     */
    private static function spareWhenRipe(HiveState $state, array $boxes, Closure $assess): array
    {
        $waits = static fn (BoxState $box): bool => $box->standing() === Verdict::Wait;
        $waiting = array_map(
            static fn (BoxState $box): string => $box->id,
            array_values(array_filter($state->supers(), $waits)),
        );
        if ($waiting === []) {
            return [];
        }
        $ripe = static fn (StoredBox $box): StoredBox => in_array($box->id, $waiting, true)
            ? new StoredBox($box->id, $box->honeyKg, $box->sdKg, $box->brood, true)
            : $box;

        return array_values(array_diff($waiting, $assess(...array_map($ripe, $boxes))->keep));
    }

    /** The day by which stores may run out in more than a fifth of winters, once winter has begun. */
    private function runsOut(BroodStores $stores, float $factor, float $doubt, ReserveResult $reserve): ?string
    {
        if (! $this->season->hasBegun() || $stores->how === HowKnown::Presumed) {
            return null;
        }
        $scale = WinterUse::scale($stores->framesOfBees, $factor, new ReserveAssumptions);
        $paths = $this->season->paths();
        $left = $paths->stores($this->season->today, $reserve->storesKg, $reserve->storesSdKg, $scale, $doubt);

        return UsePaths::runsOut($left)?->format('Y-m-d');
    }

    /** Taken by decision though winter would need it. */
    private static function isSentAway(?BoxState $box): bool
    {
        return $box?->decision !== null && $box->decision->forWinter && $box->decision->comesOff;
    }

    /** @return list<StoredBox> from the floor up; one pinned by decision counts as a brood box: it stays */
    private static function boxes(HiveState $state, BroodStores $stores): array
    {
        $share = 1.0 / max(1, count($state->broodBoxes()));
        // What is known of the brood boxes is known of them together: the lowest carries the doubt of all.
        $doubts = $state->broodBoxes()[0]->id ?? null;
        $stored = static fn (BoxState $box): StoredBox => $box->isSuper()
            ? new StoredBox(
                $box->id,
                min(200.0, $box->honey->kg),
                min(100.0, $box->honey->sdKg()),
                $box->decision !== null && $box->decision->forWinter && ! $box->decision->comesOff,
                $box->verdict()->comesOff() || $box->comesOff(),
            )
            : new StoredBox(
                $box->id,
                min(200.0, $stores->kg * $share),
                $box->id === $doubts ? min(100.0, $stores->sdKg) : 0.0,
                true,
            );

        return array_map($stored, $state->boxes);
    }
}
