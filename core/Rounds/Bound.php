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
    public static function of(RoundsQuestion $question): float
    {
        $costs = new VisitCosts($question);
        $sum = 0.0;
        foreach ($question->yards as $a => $yard) {
            $sum += self::ofYard($question, $costs, $a, $yard);
        }

        // The drive begins and ends at the honey room on one day at least, unless leaving all out is cheapest.
        return min($sum + self::half($question->travel->minutes, 0), self::nothing($question));
    }

    private static function ofYard(RoundsQuestion $question, VisitCosts $costs, int $a, YardToFetch $yard): float
    {
        $half = self::half($question->travel->minutes, $a + 1);
        $out = $question->charges->notServedPerHive;
        $setup = $question->charges->notServed;
        $least = $setup + $out * $yard->hives;
        $perHive = $out;
        foreach (VisitOption::slots($question, $costs, $a) as $slot) {
            $row = VisitOption::row($costs, $yard, $slot);
            $days = $half * ($row[VisitOption::BOARD] + 1);
            $fixed = $row[VisitOption::PLACE_SETUP] + $row[VisitOption::COLLECT_SETUP] + $days;
            $each = $row[VisitOption::PLACE_PER_HIVE] + $row[VisitOption::COLLECT_PER_HIVE];
            $each += $row[VisitOption::CHARGE_PER_HIVE];
            $least = min($least, $fixed + $each * $yard->hives);
            [$setup, $perHive] = [min($setup, $fixed), min($perHive, $each)];
        }

        return self::mayBeParted($question, $yard) ? $setup + $perHive * $yard->hives : $least;
    }

    private static function mayBeParted(RoundsQuestion $question, YardToFetch $yard): bool
    {
        $part = static fn (Visit $lock): bool => $lock->yard === $yard->id && $lock->hives < $yard->hives;

        return $question->split || array_filter($question->locks, $part) !== [];
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

    private static function nothing(RoundsQuestion $question): float
    {
        $left = static fn (YardToFetch $yard): float => $question->charges->forLeaving($yard->hives);

        return array_sum(array_map($left, $question->yards));
    }
}
