<?php

declare(strict_types=1);

namespace Marjoram\Core\Flow\Filter;

/**
 * The hidden states of a day: eight levels of nectar (before the flow, two slow, four strong, over), each with bad,
 * middling or good weather; and how they follow each other. A distribution is 24 numbers, the weather running fastest.
 * Numbers are common practice, tuned within it on simulated seasons.
 */
final class States
{
    public const LEVELS = 8;

    public const WEATHERS = 3;

    public const BEFORE = 0;

    public const OVER = 7;

    /** kg on a day of full flight. */
    public const POTENTIAL = [0.0, 0.7, 1.2, 2.1, 3.7, 6.5, 11.0, 0.0];

    /** Flight of each weather, and how often it is. */
    public const FLIGHT = [0.0, 0.4, 0.8];

    public const OFTEN = [0.25, 0.35, 0.40];

    /** What a colony eats a day, kg. */
    public const EATEN = 0.25;

    /** How far each level counts as over, since little is still to come. */
    private const DONE = [0.0, 0.48, 0.27, 0.22, 0.12, 0.01, 0.01, 0.95];

    private const START = [0.50, 0.10, 0.05, 0.04, 0.03, 0.02, 0.01, 0.25];

    private const STAYS = 0.62;

    /** Probability of going from each level to another in a day; the rest stay. None returns to before the flow. */
    private const MOVES = [
        [1 => 0.010, 2 => 0.005, 3 => 0.003, 4 => 0.0015, 5 => 0.0005],
        [2 => 0.15, 7 => 0.07],
        [3 => 0.15, 1 => 0.18, 7 => 0.07],
        [4 => 0.15, 2 => 0.18, 7 => 0.03],
        [5 => 0.15, 3 => 0.18, 7 => 0.03],
        [6 => 0.15, 4 => 0.18, 7 => 0.03],
        [5 => 0.18, 7 => 0.03],
        [1 => 0.0128, 2 => 0.0064, 3 => 0.0032, 4 => 0.0016],
    ];

    /**
     * @param  ?float  $before  how likely it is that the flow has not begun; null where the calendar is not known
     * @return list<float>
     */
    public static function start(?float $before = null): array
    {
        $of = self::START[self::BEFORE];
        $before ??= $of;
        $p = [];
        foreach (self::START as $j => $level) {
            $share = $j === self::BEFORE ? $before : $level * (1.0 - $before) / (1.0 - $of);
            foreach (self::OFTEN as $often) {
                $p[] = $share * $often;
            }
        }

        return $p;
    }

    /**
     * The states of the next day.
     *
     * @param  list<float>  $p
     * @return list<float>
     */
    public static function next(array $p): array
    {
        $next = array_fill(0, self::LEVELS * self::WEATHERS, 0.0);
        foreach (self::moves() as $from => $moves) {
            $whole = $p[3 * $from] + $p[3 * $from + 1] + $p[3 * $from + 2];
            for ($k = 0; $k < self::WEATHERS; $k++) {
                $mixed = self::STAYS * $p[3 * $from + $k] + (1.0 - self::STAYS) * $whole * self::OFTEN[$k];
                foreach ($moves as $to => $share) {
                    $next[3 * $to + $k] += $share * $mixed;
                }
            }
        }

        return array_values($next);
    }

    /**
     * Carries weights of tomorrow's states back to today.
     *
     * @param  list<float>  $q
     * @return list<float>
     */
    public static function back(array $q): array
    {
        $mixed = [];
        for ($j = 0; $j < self::LEVELS; $j++) {
            $mean = $q[3 * $j] * self::OFTEN[0] + $q[3 * $j + 1] * self::OFTEN[1] + $q[3 * $j + 2] * self::OFTEN[2];
            for ($k = 0; $k < self::WEATHERS; $k++) {
                $mixed[] = self::STAYS * $q[3 * $j + $k] + (1.0 - self::STAYS) * $mean;
            }
        }
        $back = [];
        foreach (self::moves() as $moves) {
            for ($k = 0; $k < self::WEATHERS; $k++) {
                $sum = 0.0;
                foreach ($moves as $to => $share) {
                    $sum += $share * $mixed[3 * $to + $k];
                }
                $back[] = $sum;
            }
        }

        return $back;
    }

    /**
     * Follows only the levels of a set, for so many days.
     *
     * @param  list<float>  $p
     * @param  list<int>  $within
     * @return float the share that stays within
     */
    public static function staysWithin(array $p, array $within, int $days): float
    {
        $level = self::levels($p);
        $z = [];
        foreach ($within as $j) {
            $z[$j] = $level[$j];
        }
        $moves = self::moves();
        for ($day = 0; $day < $days; $day++) {
            $next = array_fill_keys($within, 0.0);
            foreach ($z as $from => $share) {
                foreach ($within as $to) {
                    $next[$to] += $share * ($moves[$from][$to] ?? 0.0);
                }
            }
            $z = $next;
        }

        return array_sum($z);
    }

    /**
     * @param  list<float>  $p
     * @return list<float> by level
     */
    public static function levels(array $p): array
    {
        return array_map(
            static fn (int $j): float => $p[3 * $j] + $p[3 * $j + 1] + $p[3 * $j + 2],
            range(0, self::LEVELS - 1),
        );
    }

    /** @param  list<float>  $p  of sum 1 */
    public static function words(array $p): Shares
    {
        $words = [0.0, 0.0, 0.0, 0.0];
        foreach (self::levels($p) as $j => $share) {
            $own = match (true) {
                $j === self::BEFORE => 0,
                $j <= 2, $j === self::OVER => 1,
                default => 2,
            };
            $words[$own] += (1.0 - self::DONE[$j]) * $share;
            $words[3] += self::DONE[$j] * $share;
        }

        return new Shares(...$words);
    }

    /** @return list<array<int, float>> each level's moves, itself included */
    private static function moves(): array
    {
        return array_map(
            static fn (int $from, array $to): array => [$from => 1.0 - array_sum($to)] + $to,
            array_keys(self::MOVES),
            self::MOVES,
        );
    }
}
