<?php

declare(strict_types=1);

namespace Marjoram\Core\Rounds;

/**
 * A service as a row of plain numbers, for the search: its days, minutes of set-up and a hive, charges a hive, and
 * whether it takes boards.
 *
 * @internal to the planner
 */
final class ServiceOption
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
     * @return array{list<array{Way, int, int}>, list<array{int, int, float, float, float, float, float, int}>} services, and the same as rows
     */
    public static function ofYard(RoundTask $task, Services $services, int $a): array
    {
        $yard = $task->yards[$a];
        $found = array_values(array_filter($services->candidates($yard), static fn (array $one): bool => $services->excessAlone($a, $one, $task->split ? 1 : $yard->hives) === []));
        foreach ($task->locks as $lock) {
            $one = [$lock->way, $lock->first, $lock->last];
            if ($lock->yard === $a && ! in_array($one, $found, true)) {
                $found[] = $one;
            }
        }

        return [$found, array_map(static fn (array $one): array => self::of($services, $yard, $one), $found)];
    }

    /**
     * @param  array{Way, int, int}  $service
     * @return array{int, int, float, float, float, float, float, int}
     */
    public static function of(Services $services, RoundYard $yard, array $service): array
    {
        [$way, $first, $last] = $service;
        $nights = $services->nights($first, $last);
        [$place0, $collect0] = $services->work($way, 0, 0.0, $nights);
        [$place1, $collect1] = $services->work($way, 1, $yard->supersPerHive(), $nights);

        return [$first, $last, $place0, $place1 - $place0, $collect0, $collect1 - $collect0, array_sum($services->penalties($way, $yard, 1, $first, $last)), $way === Way::Escape ? 1 : 0];
    }
}
