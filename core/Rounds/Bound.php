<?php

declare(strict_types=1);

namespace Marjoram\Core\Rounds;

/**
 * Minutes that no plan can be below: each yard by itself at its cheapest, with no limit of a day but those that it
 * breaks alone. In a tour every yard is come to once and left once, so half of its shortest way in and half of its
 * shortest way out belong to it whatever the order (the two-neighbour bound on tours; from memory). O(yards x options).
 */
final readonly class Bound
{
    public static function of(RoundTask $task): float
    {
        $services = new Services($task);
        $sum = 0.0;
        foreach ($task->yards as $a => $yard) {
            $sum += self::ofYard($task, $services, $a, $yard);
        }

        // The drive begins and ends at the honey room on one day at least, unless leaving all out is cheapest.
        return min($sum + self::half($task->travel->minutes, 0), self::nothing($task));
    }

    private static function ofYard(RoundTask $task, Services $services, int $a, RoundYard $yard): float
    {
        $half = self::half($task->travel->minutes, $a + 1);
        $out = $task->params->notServedPerHive;
        $setup = $task->params->notServed;
        $least = $setup + $out * $yard->hives;
        [, $rows] = ServiceOption::ofYard($task, $services, $a);
        $perHive = $out;
        foreach ($rows as $row) {
            $fixed = $row[ServiceOption::PLACE_SETUP] + $row[ServiceOption::COLLECT_SETUP] + $half * ($row[ServiceOption::BOARD] + 1);
            $each = $row[ServiceOption::PLACE_PER_HIVE] + $row[ServiceOption::COLLECT_PER_HIVE] + $row[ServiceOption::CHARGE_PER_HIVE];
            $least = min($least, $fixed + $each * $yard->hives);
            [$setup, $perHive] = [min($setup, $fixed), min($perHive, $each)];
        }
        $mayBeParted = $task->split || array_filter($task->locks, static fn (Service $lock): bool => $lock->yard === $a && $lock->hives < $yard->hives) !== [];

        return $mayBeParted ? $setup + $perHive * $yard->hives : $least;
    }

    /** @param  array<int, array<int, float>>  $minutes */
    private static function half(array $minutes, int $place): float
    {
        $in = $out = INF;
        foreach ($minutes as $other => $row) {
            if ($other !== $place) {
                [$in, $out] = [min($in, $row[$place]), min($out, $minutes[$place][$other])];
            }
        }

        return is_finite($in) ? 0.5 * ($in + $out) : 0.0;
    }

    private static function nothing(RoundTask $task): float
    {
        return array_sum(array_map(static fn (RoundYard $yard): float => $task->params->notServed + $task->params->notServedPerHive * $yard->hives, $task->yards));
    }
}
