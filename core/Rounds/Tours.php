<?php

declare(strict_types=1);

namespace Marjoram\Core\Rounds;

/**
 * The shortest tour from the depot through a day's yards and back, remembered by the set of yards.
 *
 * Exact by dynamic programming over subsets (Held and Karp 1962) up to a number of yards, O(n^2 2^n); above that
 * cheapest insertion, then 2-opt and moving single yards until nothing gets better: never shorter than the shortest.
 */
final class Tours
{
    /** Up to so many yards a day the plan that is given back is driven by the exact tour. */
    public const EXACT = 9;

    /** In a search over more yards than FEW, tours of more than QUICK are found by the quick way. */
    public const QUICK = 4;

    public const FEW = 10;

    private readonly bool $symmetric;

    /** @var array<int, float> */
    private array $lengths = [0 => 0.0];

    /** @var array<int, list<int>> */
    private array $routes = [0 => []];

    public function __construct(private readonly Travel $travel, private readonly int $exact = self::EXACT)
    {
        $symmetric = true;
        foreach ($travel->minutes as $i => $row) {
            foreach ($row as $j => $minutes) {
                $symmetric = $symmetric && abs($minutes - $travel->minutes[$j][$i]) < 1e-9;
            }
        }
        $this->symmetric = $symmetric;
    }

    /** @param  int  $set  bit i for yard i */
    public function length(int $set): float
    {
        if (! isset($this->lengths[$set])) {
            $this->solve($set);
        }

        return $this->lengths[$set];
    }

    /** @return list<int> yards in the order of the drive */
    public function route(int $set): array
    {
        $this->length($set);

        return $this->routes[$set];
    }

    private function solve(int $set): void
    {
        $yards = [];
        for ($i = 0; $set >> $i !== 0; $i++) {
            if ((($set >> $i) & 1) === 1) {
                $yards[] = $i;
            }
        }
        $route =
            count($yards) <= 1
                ? $yards
                : (count($yards) <= $this->exact
                    ? $this->exact($yards)
                    : $this->improved($yards));
        $this->routes[$set] = $route;
        $this->lengths[$set] = $this->measure($route);
        // A long search meets many sets; what is forgotten is found again.
        if (count($this->lengths) > 200_000) {
            $this->lengths = [0 => 0.0, $set => $this->lengths[$set]];
            $this->routes = [0 => [], $set => $route];
        }
    }

    /** @param  list<int>  $route */
    private function measure(array $route): float
    {
        $at = 0;
        $sum = 0.0;
        foreach ($route as $yard) {
            $sum += $this->travel->minutes[$at][$yard + 1];
            $at = $yard + 1;
        }

        return $sum + $this->travel->minutes[$at][0];
    }

    /**
     * @param  list<int>  $yards
     * @return list<int>
     */
    private function exact(array $yards): array
    {
        $n = count($yards);
        $m = $this->travel->minutes;
        $best = $from = [];
        foreach ($yards as $j => $yard) {
            $best[1 << $j][$j] = $m[0][$yard + 1];
        }
        $all = (1 << $n) - 1;
        for ($set = 1; $set <= $all; $set++) {
            foreach ($best[$set] ?? [] as $j => $length) {
                for ($k = 0; $k < $n; $k++) {
                    if ((($set >> $k) & 1) === 1) {
                        continue;
                    }
                    $next = $set | (1 << $k);
                    $to = $length + $m[$yards[$j] + 1][$yards[$k] + 1];
                    if (! isset($best[$next][$k]) || $to < $best[$next][$k]) {
                        $best[$next][$k] = $to;
                        $from[$next][$k] = $j;
                    }
                }
            }
        }
        $end = 0;
        $least = INF;
        foreach ($best[$all] as $j => $length) {
            if ($length + $m[$yards[$j] + 1][0] < $least) {
                [$end, $least] = [$j, $length + $m[$yards[$j] + 1][0]];
            }
        }
        $route = [];
        for ($set = $all, $j = $end; ; $set ^= 1 << $j, $j = $before) {
            array_unshift($route, $yards[$j]);
            if (! isset($from[$set][$j])) {
                return $route;
            }
            $before = $from[$set][$j];
        }
    }

    /**
     * Cheapest insertion, then 2-opt (where it takes as long one way as the other) and single yards to better places.
     *
     * @param  list<int>  $yards
     * @return list<int>
     */
    private function improved(array $yards): array
    {
        $m = $this->travel->minutes;
        $tour = [0, 0];
        foreach ($yards as $yard) {
            $tour = $this->inserted($tour, $yard + 1);
        }
        $last = count($tour) - 1;
        do {
            $better = false;
            for ($i = 1; $this->symmetric && $i < $last - 1; $i++) {
                for ($j = $i + 1; $j < $last; $j++) {
                    [$a, $b, $c, $d] = [$tour[$i - 1], $tour[$i], $tour[$j], $tour[$j + 1]];
                    if ($m[$a][$c] + $m[$b][$d] < $m[$a][$b] + $m[$c][$d] - 1e-9) {
                        for ($x = $i, $y = $j; $x < $y; $x++, $y--) {
                            [$tour[$x], $tour[$y]] = [$tour[$y], $tour[$x]];
                        }
                        $better = true;
                    }
                }
            }
            for ($i = 1; $i < $last; $i++) {
                $gain = $m[$tour[$i - 1]][$tour[$i]] + $m[$tour[$i]][$tour[$i + 1]] - $m[$tour[$i - 1]][$tour[$i + 1]];
                $without = $tour;
                [$place] = array_splice($without, $i, 1);
                [$at, $cost] = $this->cheapest($without, $place);
                if ($cost < $gain - 1e-9) {
                    array_splice($without, $at, 0, [$place]);
                    [$tour, $better] = [$without, true];
                }
            }
        } while ($better);

        return array_map(static fn (int $place): int => $place - 1, array_slice($tour, 1, -1));
    }

    /**
     * @param  list<int>  $tour  places, the depot at both ends
     * @return list<int>
     */
    private function inserted(array $tour, int $place): array
    {
        array_splice($tour, $this->cheapest($tour, $place)[0], 0, [$place]);

        return $tour;
    }

    /**
     * @param  list<int>  $tour
     * @return array{int, float} where a place costs least, and how much
     */
    private function cheapest(array $tour, int $place): array
    {
        $m = $this->travel->minutes;
        $best = [1, INF];
        for ($i = 1, $n = count($tour); $i < $n; $i++) {
            $cost = $m[$tour[$i - 1]][$place] + $m[$place][$tour[$i]] - $m[$tour[$i - 1]][$tour[$i]];
            if ($cost < $best[1]) {
                $best = [$i, $cost];
            }
        }

        return $best;
    }
}
