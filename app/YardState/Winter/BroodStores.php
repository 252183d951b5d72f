<?php

declare(strict_types=1);

namespace App\YardState\Winter;

use App\Operation\Policy;
use App\YardState\BoxState;
use App\YardState\HiveState;
use DateTimeImmutable;
use Marjoram\Core\Comb\Comb;
use Marjoram\Core\Comb\CombResult;
use Marjoram\Core\Reserve\ReserveAssumptions;
use Marjoram\Core\Reserve\WinterUse;

/**
 * The honey of a hive's brood boxes today: the newest of what was weighed, noted or painted, with what was fed since,
 * less what winter took since, its doubt growing as it is carried forward.
 */
final readonly class BroodStores
{
    /** Presumed where nobody has looked: common practice for a brood box in August. */
    private const PRESUMED_KG = 9.0;

    public const PRESUMED_FRAMES_OF_BEES = 9.0;

    /** kg by which stores may have risen or fallen in a day outside winter, as a standard deviation. */
    private const DRIFT_KG = 0.12;

    /** @param  string  $how  measured, estimated or presumed */
    private function __construct(
        public float $kg,
        public float $sdKg,
        public string $how,
        public ?DateTimeImmutable $seenOn,
        public float $fedKg,
        public float $usedKg,
        public float $framesOfBees,
    ) {
    }

    public static function of(
        HiveState $state,
        WinterNotes $record,
        Policy $policy,
        WinterSeason $season,
        float $factor,
    ): self {
        [$kg, $sd, $how, $on] = self::seen($state, $record, $policy);
        $weighed = $record->lastWeighing();
        $look = $record->look;
        $bees = match (true) {
            $weighed !== null && ($look === null || $weighed->weighed_on >= $look->looked_on) => $weighed->frames_of_bees,
            default => $look->frames_of_bees ?? self::PRESUMED_FRAMES_OF_BEES,
        };
        if ($on === null) {
            return new self($kg, $sd, $how, null, 0.0, 0.0, $bees);
        }
        $fed = $record->fedKg($on->format('Y-m-d'), $season->today->format('Y-m-d'));
        $used = [0.0, 0.0];
        $scale = WinterUse::scale($bees, $factor, new ReserveAssumptions);
        if ($season->hasBegun() && $on < $season->today) {
            $used = $season->paths()->between($on, $season->today);
        }
        $drift =
            self::DRIFT_KG *
            sqrt(max(0, (int) $on->diff(min($season->today, max($on, $season->whole->from)))->format('%r%a')));

        return new self(
            max(0.0, $kg + $fed - $scale * $used[0]),
            sqrt($sd ** 2 + $drift ** 2 + (0.1 * $fed) ** 2 + ($scale * $used[1]) ** 2),
            $how,
            $on,
            $fed,
            $scale * $used[0],
            $bees,
        );
    }

    /** @return array{float, float, string, ?DateTimeImmutable} kg, standard deviation, how it was obtained, when */
    private static function seen(HiveState $state, WinterNotes $record, Policy $policy): array
    {
        $found = array_filter([self::weighed($state, $record), self::noted($record), self::painted($state, $policy)]);
        usort($found, static fn (array $a, array $b): int => $b[3] <=> $a[3]);
        if ($found !== []) {
            return $found[0];
        }
        $kg = self::PRESUMED_KG * max(1, count($state->broodBoxes()));

        return [$kg, 0.4 * $kg, 'presumed', null];
    }

    /**
     * The scales weigh the whole hive: what the supers are judged to hold is not the brood boxes'.
     *
     * @return array{float, float, string, DateTimeImmutable}|null
     */
    private static function weighed(HiveState $state, WinterNotes $record): ?array
    {
        $weighed = $record->lastWeighing();
        if ($weighed === null) {
            return null;
        }
        $supers = array_sum(array_map(static fn (BoxState $box): float => $box->honey->honeyKg, $state->supers()));
        $doubt = array_sum(array_map(static fn (BoxState $box): float => $box->honey->sdKg ** 2, $state->supers()));

        return [
            max(0.0, $weighed->stores_kg - $supers),
            sqrt($weighed->stores_sd_kg ** 2 + $doubt),
            'measured',
            self::day($weighed->weighed_on->format('Y-m-d')),
        ];
    }

    /** @return array{float, float, string, DateTimeImmutable}|null */
    private static function noted(WinterNotes $record): ?array
    {
        $look = $record->look;

        return $look?->brood_honey_kg === null
            ? null
            : [
                $look->brood_honey_kg,
                $look->brood_honey_sd_kg ?? 0.15 * $look->brood_honey_kg,
                $look->how,
                self::day($look->looked_on->format('Y-m-d')),
            ];
    }

    /** @return array{float, float, string, DateTimeImmutable}|null */
    private static function painted(HiveState $state, Policy $policy): ?array
    {
        $painted = array_values(
            array_filter($state->broodBoxes(), static fn (BoxState $box): bool => $box->look->frames !== []),
        );
        if ($painted === []) {
            return null;
        }
        $results = array_map(
            static fn (BoxState $box): CombResult => (new Comb($policy->comb($box->fitted->kind->key)))->honeyIn(
                $box->fitted,
                array_values($box->look->frames),
            ),
            $painted,
        );
        $on = max(
            array_map(
                static fn (BoxState $box): string => (string) $box->look->latest?->looked_at->format('Y-m-d'),
                $painted,
            ),
        );

        return [
            array_sum(array_map(static fn (CombResult $one): float => $one->honeyKg, $results)),
            array_sum(array_map(static fn (CombResult $one): float => $one->sdKg, $results)),
            'estimated',
            self::day($on),
        ];
    }

    private static function day(string $date): DateTimeImmutable
    {
        return new DateTimeImmutable($date);
    }
}
