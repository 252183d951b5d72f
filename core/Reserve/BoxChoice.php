<?php

declare(strict_types=1);

namespace Marjoram\Core\Reserve;

/**
 * Which boxes stay: all brood boxes, all supers that are not ripe, and of the sets of ripe supers that are enough with
 * the confidence wanted, those within 2 kg of the least honey; of these the fewest boxes, then the fewest to be lifted
 * off and put back, then the least honey. Exact search over the sets of supers, 2^n (a hive has few).
 */
final class BoxChoice
{
    /** For half a kilogram nobody lifts a box off and puts it back. */
    private const ALIKE_KG = 2.0;

    /**
     * @param  list<StoredBox>  $boxes  from the floor up
     * @return list<StoredBox> the boxes that stay; all ripe ones where even they do not suffice
     */
    public static function least(
        array $boxes,
        ColonyNeed $need,
        float $confidence,
        ReserveAssumptions $assumptions = new ReserveAssumptions,
    ): array {
        $brood = array_values(array_filter($boxes, static fn (StoredBox $box): bool => $box->staysAnyway()));
        $ripe = array_values(array_filter($boxes, static fn (StoredBox $box): bool => ! $box->brood && $box->ripe));
        $best = $least = null;
        $bestKey = [INF, INF, INF];
        foreach (self::setsByHoney($ripe) as $set) {
            $honey = self::honey($set);
            if ($least !== null && $honey > $least + self::ALIKE_KG) {
                break;
            }
            $key = [count($set), self::lifts($set, $ripe), $honey];
            if (($least !== null && $key >= $bestKey) ||
                $need->pEnough(StoredBox::together([...$brood, ...$set], $assumptions->fillSd)) < $confidence) {
                continue;
            }
            $least ??= $honey;
            [$best, $bestKey] = [$set, $key];
        }

        return [...$brood, ...$best ?? $ripe];
    }

    /**
     * @param  list<StoredBox>  $ripe
     * @return list<list<StoredBox>> every set of them, least honey first
     */
    private static function setsByHoney(array $ripe): array
    {
        $sets = [];
        for ($set = 0; $set < 1 << count($ripe); $set++) {
            $isIn = static fn (int $i): bool => (($set >> $i) & 1) === 1;
            $sets[] = array_values(array_filter($ripe, $isIn, ARRAY_FILTER_USE_KEY));
        }
        usort($sets, static fn (array $a, array $b): int => self::honey($a) <=> self::honey($b));

        return $sets;
    }

    /** @param  list<StoredBox>  $boxes */
    private static function honey(array $boxes): float
    {
        return array_sum(array_map(static fn (StoredBox $box): float => $box->honeyKg, $boxes));
    }

    /**
     * Boxes that stay above one that goes: each is lifted off and put back.
     *
     * @param  list<StoredBox>  $stays
     * @param  list<StoredBox>  $ripe
     */
    private static function lifts(array $stays, array $ripe): int
    {
        $lifts = 0;
        $isAboveOneThatGoes = false;
        foreach ($ripe as $box) {
            $isIn = in_array($box, $stays, true);
            $lifts += $isIn && $isAboveOneThatGoes ? 1 : 0;
            $isAboveOneThatGoes = $isAboveOneThatGoes || ! $isIn;
        }

        return $lifts;
    }
}
