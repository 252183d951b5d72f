<?php

declare(strict_types=1);

namespace App\Apiary\Winter;

use App\Apiary\Hives\BoxState;
use App\Apiary\Hives\HiveState;
use App\Apiary\Operation\Policy;
use DateTimeImmutable;
use Marjoram\Core\Comb\Comb;
use Marjoram\Core\Comb\Kilograms;
use Marjoram\Core\Numerics\Normal;
use Marjoram\Core\Reserve\ReserveAssumptions;
use Marjoram\Core\Reserve\StoresAssumptions;
use Marjoram\Core\Reserve\WinterUse;

/**
 * The honey of a hive's brood boxes today: the newest of what was weighed, noted or painted, with what was fed since,
 * less what winter took since, its doubt growing as it is carried forward.
 */
final readonly class BroodStores
{
    /** @param  ?float  $contradictedKg  stores of the whole hive by its weight, less than its supers are drawn with */
    private function __construct(
        public float $kg,
        public float $sdKg,
        public HowKnown $how,
        public ?DateTimeImmutable $seenOn,
        public float $fedKg,
        public float $usedKg,
        public float $framesOfBees,
        public ?float $contradictedKg = null,
    ) {
    }

    public static function of(
        HiveState $state,
        WinterNotes $notes,
        Policy $policy,
        WinterSeason $season,
        float $factor,
    ): self {
        $weighed = self::weighed($state, $notes);
        $tooLittle = $weighed?->tooLittleKg;
        // A weight that the supers as drawn exceed says that one of both is wrong, and nothing of the brood boxes.
        $seen = self::seen($state, $notes, $policy, $tooLittle === null ? $weighed : null);
        $bees = self::framesOfBees($notes);
        if ($seen->on === null) {
            return new self($seen->kg, $seen->sdKg, $seen->how, null, 0.0, 0.0, $bees, $tooLittle);
        }
        $fed = $notes->fedKg($seen->on->format('Y-m-d'), $season->today->format('Y-m-d'));
        $scale = WinterUse::scale($bees, $factor, new ReserveAssumptions);
        $used = $season->hasBegun() && $seen->on < $season->today
            ? $season->paths()->between($seen->on, $season->today)
            : [0.0, 0.0];
        $outside = min($season->today, max($seen->on, $season->whole->from));
        $days = (int) $seen->on->diff($outside)->format('%r%a');

        return new self(
            max(0.0, $seen->kg + $fed - $scale * $used[0]),
            (new StoresAssumptions)->carriedSdKg($seen->sdKg, $days, $fed, $scale * $used[1]),
            $seen->how,
            $seen->on,
            $fed,
            $scale * $used[0],
            $bees,
            $tooLittle,
        );
    }

    public function isMeasured(): bool
    {
        return $this->how === HowKnown::Measured;
    }

    private static function framesOfBees(WinterNotes $notes): float
    {
        $weighed = $notes->lastWeighing();
        $look = $notes->look;
        $isNewer = $weighed !== null && ($look === null || $weighed->weighed_on >= $look->looked_on);

        return $isNewer
            ? $weighed->frames_of_bees
            : $look->frames_of_bees ?? (new StoresAssumptions)->presumedFramesOfBees;
    }

    private static function seen(HiveState $state, WinterNotes $notes, Policy $policy, ?Stores $weighed): Stores
    {
        $found = array_values(array_filter([
            $weighed,
            self::noted($notes),
            self::painted($state, $policy),
        ]));
        usort($found, static fn (Stores $a, Stores $b): int => $b->on <=> $a->on);
        $known = new StoresAssumptions;
        $kg = $known->presumedKg * max(1, count($state->broodBoxes()));

        return $found[0] ?? new Stores($kg, $known->presumedSd * $kg, HowKnown::Presumed, null);
    }

    /** The scales weigh the whole hive: what went since, and what its supers are judged to hold, is not below. */
    private static function weighed(HiveState $state, WinterNotes $notes): ?Stores
    {
        $weighed = $notes->lastWeighing();
        if ($weighed === null) {
            return null;
        }
        $supers = Kilograms::sum(array_map(static fn (BoxState $box): Kilograms => $box->honey, $state->supers()));
        $kg = $weighed->stores_kg - $notes->goneSince($weighed) - $supers->kg;
        $sd = hypot($weighed->stores_sd_kg, $supers->sdKg());

        return new Stores(
            max(0.0, $kg),
            $sd,
            HowKnown::Measured,
            self::day($weighed->weighed_on->format('Y-m-d')),
            $kg < -Normal::NINETY * $sd ? $weighed->stores_kg : null,
        );
    }

    private static function noted(WinterNotes $notes): ?Stores
    {
        $look = $notes->look;

        return $look?->brood_honey_kg === null ? null : new Stores(
            max(0.0, $look->brood_honey_kg - $notes->goneFromBroodSince($look)),
            $look->brood_honey_sd_kg ?? (new StoresAssumptions)->notedSd * $look->brood_honey_kg,
            HowKnown::from($look->how),
            self::day($look->looked_on->format('Y-m-d')),
        );
    }

    private static function painted(HiveState $state, Policy $policy): ?Stores
    {
        $seen = static fn (BoxState $box): bool => $box->look->frames !== [];
        $painted = array_values(array_filter($state->broodBoxes(), $seen));
        if ($painted === []) {
            return null;
        }
        $honey = Kilograms::sum(array_map(
            static fn (BoxState $box): Kilograms => (new Comb($policy->comb($box->fitted->kind->key)))
                ->honeyIn($box->fitted, array_values($box->look->frames))->honey,
            $painted,
        ));
        $on = max(array_map(static fn (BoxState $box): string => (string) $box->look->at?->format('Y-m-d'), $painted));

        return new Stores(
            $honey->kg,
            $honey->sdKg(),
            HowKnown::Estimated,
            self::day($on),
        );
    }

    private static function day(string $date): DateTimeImmutable
    {
        return new DateTimeImmutable($date);
    }
}
