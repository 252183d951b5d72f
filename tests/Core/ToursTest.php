<?php

declare(strict_types=1);

namespace Tests\Core;

use Marjoram\Core\Numerics\SeededRandom;
use Marjoram\Core\Rounds\Tours;
use Marjoram\Core\Rounds\Travel;
use PHPUnit\Framework\TestCase;

/** Tours against every order there is. */
final class ToursTest extends TestCase
{
    public function test_exact_tours_are_the_shortest_of_all_orders(): void
    {
        $random = new SeededRandom(17);
        for ($case = 0; $case < 25; $case++) {
            $travel = $this->travel($random, 6, oneWay: $case % 2 === 1);
            $tours = new Tours($travel);
            for ($set = 1; $set < 1 << 6; $set += 1 + $random->integer(0, 6)) {
                $yards = array_values(array_filter(range(0, 5), static fn (int $a): bool => (($set >> $a) & 1) === 1));
                $least = INF;
                foreach ($this->orders($yards) as $order) {
                    $least = min($least, $this->length($travel, $order));
                }
                self::assertEqualsWithDelta($least, $tours->length($set), 1e-9, "case $case, set $set");
                $route = $tours->route($set);
                self::assertEqualsCanonicalizing($yards, $route);
                self::assertEqualsWithDelta($least, $this->length($travel, $route), 1e-9);
            }
        }
    }

    public function test_quick_tours_visit_all_and_are_never_shorter_than_the_shortest(): void
    {
        $random = new SeededRandom(23);
        $over = [];
        for ($case = 0; $case < 30; $case++) {
            $travel = $this->travel($random, 9, oneWay: $case % 3 === 0);
            [$exact, $quick] = [new Tours($travel), new Tours($travel, 2)];
            $set = ((1 << 9) - 1) & ~(1 << $random->integer(0, 8));
            $route = $quick->route($set);
            self::assertCount(8, array_unique($route));
            self::assertEqualsWithDelta($quick->length($set), $this->length($travel, $route), 1e-9);
            self::assertGreaterThanOrEqual($exact->length($set) - 1e-9, $quick->length($set));
            $over[] = $quick->length($set) / $exact->length($set) - 1.0;
        }
        // Cheapest insertion with 2-opt and moves: most are the shortest, and the mean is close.
        self::assertLessThan(0.03, array_sum($over) / count($over));
    }

    public function test_a_stop_more_never_makes_a_drive_shorter(): void
    {
        $random = new SeededRandom(29);
        for ($case = 0; $case < 20; $case++) {
            $tours = new Tours($this->travel($random, 7));
            for ($set = 0; $set < 1 << 7; $set += 5) {
                $more = $set | (1 << $random->integer(0, 6));
                self::assertLessThanOrEqual($tours->length($more) + 1e-9, $tours->length($set));
            }
        }
    }

    public function test_closing_keeps_short_ways_and_obeys_the_triangle(): void
    {
        $random = new SeededRandom(31);
        for ($case = 0; $case < 20; $case++) {
            $n = 6;
            $given = [];
            for ($i = 0; $i < $n; $i++) {
                for ($j = 0; $j < $n; $j++) {
                    $given[$i][$j] = $i === $j ? 0.0 : $random->between(1.0, 60.0);
                }
            }
            $minutes = Travel::of($given, $n)->minutes;
            for ($i = 0; $i < $n; $i++) {
                for ($j = 0; $j < $n; $j++) {
                    self::assertLessThanOrEqual($given[$i][$j], $minutes[$i][$j]);
                    for ($k = 0; $k < $n; $k++) {
                        self::assertLessThanOrEqual($minutes[$i][$k] + $minutes[$k][$j] + 1e-9, $minutes[$i][$j]);
                    }
                }
            }
            self::assertFalse(Travel::of($minutes, $n)->wasClosed, 'closed once it stays');
        }
    }

    private function travel(SeededRandom $random, int $yards, bool $oneWay = false): Travel
    {
        $places = array_map(
            static fn (): array => [$random->between(0.0, 50.0), $random->between(0.0, 50.0)],
            range(0, $yards),
        );

        return Travel::of(
            array_map(
                static fn (array $p): array => array_map(
                    static fn (array $q): float => $p === $q
                        ? 0.0
                        : hypot($p[0] - $q[0], $p[1] - $q[1]) + 3.0 + ($oneWay ? $random->between(0.0, 9.0) : 0.0),
                    $places,
                ),
                $places,
            ),
            $yards + 1,
        );
    }

    /** @param  list<int>  $order */
    private function length(Travel $travel, array $order): float
    {
        $at = 0;
        $sum = 0.0;
        foreach ($order as $yard) {
            $sum += $travel->minutes[$at][$yard + 1];
            $at = $yard + 1;
        }

        return $sum + $travel->minutes[$at][0];
    }

    /**
     * @param  list<int>  $yards
     * @return iterable<list<int>>
     */
    private function orders(array $yards): iterable
    {
        if (count($yards) < 2) {
            yield $yards;

            return;
        }
        foreach ($yards as $i => $first) {
            $rest = $yards;
            unset($rest[$i]);
            foreach ($this->orders(array_values($rest)) as $order) {
                yield [$first, ...$order];
            }
        }
    }
}
