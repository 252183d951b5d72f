<?php

declare(strict_types=1);

namespace Marjoram\Core\Rounds;

/**
 * A visit as a row of plain numbers, for the search: its days, minutes of set-up and a hive, charges a hive, and
 * whether it takes boards.
 *
 * @internal to the planner
 */
final class VisitOption
{
    public const FIRST = 0;

    public const LAST = 1;

    public const PLACE_SETUP = 2;

    public const PLACE_PER_HIVE = 3;

    public const COLLECT_SETUP = 4;

    public const COLLECT_PER_HIVE = 5;

    public const CHARGE_PER_HIVE = 6;

    public const BOARD = 7;

    /**
     * What a yard may have: all that fits by itself, and what is locked.
     *
     * @return list<Slot>
     */
    public static function slots(RoundsQuestion $question, VisitCosts $costs, int $a): array
    {
        $yard = $question->yards[$a];
        $least = $question->split ? 1 : max(1, $question->freeHives($yard));
        $fits = static fn (Slot $one): bool => $costs->excessAlone($a, $one, $least) === [];
        $found = array_values(array_filter($costs->candidates($yard), $fits));
        foreach ($question->locks as $lock) {
            $slot = self::slotOf($question, $lock);
            if ($lock->yard === $yard->id && $slot->placeIn($found) === null) {
                $found[] = $slot;
            }
        }

        return $found;
    }

    public static function slotOf(RoundsQuestion $question, Visit $visit): Slot
    {
        return new Slot($visit->method, $question->dayAt($visit->first) ?? 0, $question->dayAt($visit->last) ?? 0);
    }

    /**
     * @return array{int, int, float, float, float, float, float, int} the slot as a row; minutes are linear in hives
     */
    public static function row(VisitCosts $costs, YardToFetch $yard, Slot $slot): array
    {
        [$place, $collect] = [$costs->place($slot, $yard, 0), $costs->collect($slot, $yard, 0)];

        return [
            $slot->first,
            $slot->last,
            $place,
            $costs->place($slot, $yard, 1) - $place,
            $collect,
            $costs->collect($slot, $yard, 1) - $collect,
            $costs->charge($slot, $yard, 1)->total(),
            $slot->method->takesTwoVisits() ? 1 : 0,
        ];
    }
}
