<?php

declare(strict_types=1);

namespace Tests\Core;

use DateTimeImmutable;
use Marjoram\Core\Clearing\Kit;
use Marjoram\Core\Clearing\Method;
use Marjoram\Core\InvalidInput;
use Marjoram\Core\Numerics\IterationBudget;
use Marjoram\Core\Rounds\Bound;
use Marjoram\Core\Rounds\BrokenLimit;
use Marjoram\Core\Rounds\Capacity;
use Marjoram\Core\Rounds\Itinerary;
use Marjoram\Core\Rounds\Planner;
use Marjoram\Core\Rounds\RoundsQuestion;
use Marjoram\Core\Rounds\ScheduleLimit;
use Marjoram\Core\Rounds\ShortfallReason;
use Marjoram\Core\Rounds\Shortfalls;
use Marjoram\Core\Rounds\Sky;
use Marjoram\Core\Rounds\Slot;
use Marjoram\Core\Rounds\Tours;
use Marjoram\Core\Rounds\Travel;
use Marjoram\Core\Rounds\Visit;
use Marjoram\Core\Rounds\VisitCosts;
use Marjoram\Core\Rounds\WorkDay;
use Marjoram\Core\Rounds\YardToFetch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What cannot be done is explained; what cannot be asked is refused. */
final class RoundsTest extends TestCase
{
    public function test_a_single_yard_is_calculated_by_hand(): void
    {
        $task = $this->task([$this->yard('A', 8, 16.0, methods: [Method::EscapeBoard])]);
        $plan = Itinerary::of($task, [self::visit('A', 8, Method::EscapeBoard, 1, 2)]);
        // Twice there and back; two people: place 10 + 3 x 8 + 0.75 x 16; collect 5 + 1 x 16, and 16 more after one
        // night; rain 0.1 on both days.
        self::assertEqualsWithDelta(4 * 20.0, $plan->cost->travel, 1e-9);
        self::assertEqualsWithDelta(46.0 + 37.0, $plan->cost->work, 1e-9);
        self::assertEqualsWithDelta(0.5 * 8 * 0.2, $plan->cost->weather, 1e-9);
        self::assertSame([8, 8], [$plan->days[1]->boardsOut, $plan->days[2]->boardsOut]);
        self::assertTrue($plan->isFeasible());
        self::assertEqualsWithDelta(
            $plan->cost->total(),
            (new Planner($task))->plan(new IterationBudget(2000))->cost->total() + 0.0,
            30.0,
        );
    }

    /** @return iterable<string, array{array<string, mixed>, ShortfallReason, string, array<string, mixed>}> */
    public static function impossible(): iterable
    {
        yield 'boards fewer than hives' => [
            ['methods' => [Method::EscapeBoard], 'boards' => 5],
            ShortfallReason::TooFewBoards,
            'boards',
            ['hives' => 8, 'boards' => 5, 'short' => 3.0],
        ];
        yield 'a truckload' => [
            ['truck' => 10.0],
            ShortfallReason::BeyondTruckload,
            'truck',
            ['supers' => 16.0, 'room' => 10.0],
        ];
        yield 'no crew time' => [['crew' => 0.0], ShortfallReason::NoCrewTime, 'crew', []];
        yield 'too little crew time' => [
            ['crew' => 60.0, 'methods' => [Method::Brush]],
            ShortfallReason::FitsNoDay,
            'crew',
            // 5 + 5 x 16 at the yard, 40 on the road.
            ['short' => 65.0],
        ];
        yield 'no kit' => [
            ['methods' => [Method::EscapeBoard], 'boards' => 0],
            ShortfallReason::NoKit,
            'kit',
            [],
        ];
        yield 'rain' => [
            ['methods' => [Method::Brush, Method::Blower], 'rain' => 0.9],
            ShortfallReason::NoWeather,
            'weather',
            ['from' => new DateTimeImmutable('2026-08-04')],
        ];
    }

    /**
     * @param  array<string, mixed>  $with
     * @param  array<string, mixed>  $figures
     */
    #[DataProvider('impossible')]
    public function test_what_no_plan_could_do_is_proved(
        array $with,
        ShortfallReason $reason,
        string $kind,
        array $figures,
    ): void {
        $task = $this->task([$this->yard('A', 8, 16.0, methods: $with['methods'] ?? Method::cases())], $with);
        $plan = (new Planner($task))->plan(new IterationBudget(500));
        self::assertSame(['A' => 8], $plan->notServed);
        $found = (new Shortfalls($task))->of($plan);
        self::assertCount(1, $found);
        self::assertSame([$reason, $kind], [$found[0]->why->what, $found[0]->kind]);
        self::assertEqualsWithDelta($figures, $found[0]->why->figures, 1e-9);
    }

    public function test_what_this_plan_has_no_room_for_names_the_limit_and_by_how_much(): void
    {
        $yards = [
            $this->yard('A', 8, 16.0, '2026-08-06', [Method::EscapeBoard]),
            $this->yard('B', 8, 16.0, '2026-08-06', [Method::EscapeBoard]),
        ];
        $task = $this->task($yards, ['boards' => 10, 'days' => 2]);
        $plan = (new Planner($task))->plan(new IterationBudget(3000));
        self::assertCount(1, $plan->notServed);
        $found = (new Shortfalls($task))->of($plan);
        self::assertSame('boards', $found[0]->kind);
        self::assertSame(6.0, $found[0]->shortBy);
        self::assertEquals(
            [new BrokenLimit(ScheduleLimit::Boards, new DateTimeImmutable('2026-08-04'), 6.0)],
            array_slice($found[0]->lacking, 0, 1),
        );
        // The least change does mend it.
        $mended = (new Planner($this->task($yards, ['boards' => 16, 'days' => 2])))->plan(new IterationBudget(3000));
        self::assertSame([], $mended->notServed);
        self::assertSame([], (new Shortfalls($task))->of($mended));
    }

    public function test_a_locked_yard_stays_where_it_was_put(): void
    {
        $yards = [$this->yard('A', 8, 16.0), $this->yard('B', 4, 6.0)];
        $plan = (new Planner($this->task($yards, ['locks' => [self::visit('A', 8, Method::Brush, 5, 5)]])))->plan(
            new IterationBudget(3000),
        );
        self::assertContainsEquals(self::visit('A', 8, Method::Brush, 5, 5), $plan->visits);
        self::assertCount(2, $plan->visits);
        self::assertSame([], $plan->notServed);
        self::assertTrue($plan->isFeasible());
    }

    public function test_a_lock_that_breaks_a_limit_stays_and_nothing_else_breaks_it_further(): void
    {
        $yards = [$this->yard('A', 8, 16.0), $this->yard('B', 4, 6.0), $this->yard('C', 6, 9.0)];
        // 16 supers brushed by two take 5 + 80 minutes and 40 on the road: the day has 120.
        $task = $this->task($yards, ['crew' => 120.0, 'locks' => [self::visit('A', 8, Method::Brush, 2, 2)]]);
        $plan = (new Planner($task))->plan(new IterationBudget(4000));
        self::assertContainsEquals(self::visit('A', 8, Method::Brush, 2, 2), $plan->visits);
        self::assertCount(1, $plan->broken);
        self::assertSame([ScheduleLimit::Crew, '2026-08-06'], [$plan->broken[0]->limit, $plan->broken[0]->day->format('Y-m-d')]);
        self::assertEqualsWithDelta(5.0, $plan->broken[0]->by, 1e-9);
        self::assertSame([], $plan->notServed);
        self::assertSame(['A'], $plan->days[2]->route);
    }

    public function test_part_of_a_yard_may_be_locked_and_the_rest_is_planned(): void
    {
        // All 24 supers are more than a truckload: the rest comes in on another day.
        $task = $this->task([$this->yard('A', 12, 24.0)], ['truck' => 20.0, 'locks' => [self::visit('A', 5, Method::Blower, 3, 3)]]);
        $plan = (new Planner($task))->plan(new IterationBudget(2000));
        self::assertSame([], $plan->notServed);
        self::assertContainsEquals(self::visit('A', 5, Method::Blower, 3, 3), $plan->visits);
        self::assertSame(12, array_sum(array_map(static fn (Visit $one): int => $one->hives, $plan->visits)));
        self::assertEqualsWithDelta($task->charges->secondPart, $plan->cost->parts, 1e-9);
    }

    public function test_with_all_locked_nothing_is_searched(): void
    {
        $task = $this->task([$this->yard('A', 8, 16.0)], ['locks' => [self::visit('A', 8, Method::EscapeBoard, 1, 3)]]);
        self::assertEquals(
            [self::visit('A', 8, Method::EscapeBoard, 1, 3)],
            (new Planner($task))->plan(new IterationBudget(1000))->visits,
        );
    }

    public function test_a_yard_with_its_own_weather_is_planned_by_it(): void
    {
        $dry = array_fill(0, 10, new Sky(21.0, 0.9));
        $dry[6] = new Sky(21.0, 0.0);
        $yards = [
            new YardToFetch(
                'A',
                8,
                16.0,
                new DateTimeImmutable('2026-08-04'),
                new DateTimeImmutable('2026-08-13'),
                [Method::Brush],
                $dry,
            ),
            $this->yard('B', 4, 6.0, methods: [Method::Brush]),
        ];
        $task = $this->task($yards);
        self::assertEquals([new Slot(Method::Brush, 6, 6)], (new VisitCosts($task))->candidates($yards[0]));
        $plan = (new Planner($task))->plan(new IterationBudget(1000));
        $days = array_column(
            array_map(static fn (Visit $one): array => [$one->yard, $one->lastDay()], $plan->visits),
            1,
            0,
        );
        self::assertSame('2026-08-10', $days['A']);
        // A dearth there charges there alone: 6 minutes a hive on open combs.
        $robbed = new YardToFetch(
            'A',
            8,
            16.0,
            $yards[0]->ready,
            $yards[0]->deadline,
            [Method::Brush],
            [6 => new Sky(21.0, 0.0, true)],
        );
        self::assertEqualsWithDelta(
            48.0,
            Itinerary::of($this->task([$robbed]), [self::visit('A', 8, Method::Brush, 6, 6)])->cost->robbing,
            1e-9,
        );
        self::assertEqualsWithDelta(
            0.0,
            Itinerary::of($this->task([$robbed]), [self::visit('A', 8, Method::Brush, 5, 5)])->cost->robbing,
            1e-9,
        );
    }

    public function test_supers_of_one_place_with_two_ready_days_share_a_drive_where_that_is_cheaper(): void
    {
        $day = static fn (int $i): DateTimeImmutable => new DateTimeImmutable("2026-08-04 +$i days");
        $yards = [
            new YardToFetch('now', 4, 4.0, $day(0), $day(9), [Method::Blower]),
            new YardToFetch('later', 4, 4.0, $day(5), $day(9), [Method::Blower]),
        ];
        $days = array_map(static fn (int $i): WorkDay => new WorkDay($day($i), 480.0, new Sky(21.0, 0.1)), range(0, 9));
        $far = Travel::of([[0.0, 40.0, 40.0], [40.0, 0.0, 0.0], [40.0, 0.0, 0.0]], 3);
        $plan = (new Planner(new RoundsQuestion($days, $yards, $far, new Kit(0, 0, true), new Capacity(60.0, 80.0))))->plan(
            new IterationBudget(2000),
        );
        self::assertSame($plan->visits[0]->lastDay(), $plan->visits[1]->lastDay());
        self::assertGreaterThanOrEqual('2026-08-09', $plan->visits[1]->lastDay());
        self::assertEqualsWithDelta(80.0, $plan->cost->travel, 1e-9);
        // Where what is ready now must be off by the third day, it is fetched by itself.
        $plan = (new Planner(
            new RoundsQuestion(
                $days,
                [new YardToFetch('now', 20, 30.0, $day(0), $day(2), [Method::Blower]), $yards[1]],
                $far,
                new Kit(0, 0, true),
                new Capacity(60.0, 80.0),
            ),
        ))->plan(new IterationBudget(2000));
        self::assertLessThanOrEqual('2026-08-06', $plan->visits[0]->lastDay());
        self::assertEqualsWithDelta(160.0, $plan->cost->travel, 1e-9);
    }

    public function test_no_plan_is_below_the_bound_and_one_yard_reaches_it(): void
    {
        $single = $this->task([$this->yard('A', 8, 16.0, methods: [Method::Blower])]);
        self::assertEqualsWithDelta(
            Bound::of($single),
            (new Planner($single))->plan(new IterationBudget(500))->cost->total(),
            1e-9,
        );
        $none = $this->task([$this->yard('A', 8, 16.0)], ['crew' => 0.0]);
        self::assertEqualsWithDelta(240.0 + 40.0 * 8, Bound::of($none), 1e-9);
        foreach ([false, true] as $split) {
            $task = $this->task(
                [$this->yard('A', 8, 16.0), $this->yard('B', 12, 20.0), $this->yard('C', 3, 3.0)],
                ['boards' => 6, 'split' => $split],
            );
            self::assertLessThanOrEqual(
                (new Planner($task))->plan(new IterationBudget(4000))->cost->total(),
                Bound::of($task),
            );
        }
    }

    public function test_tours_are_the_shortest_and_the_quick_ones_never_shorter(): void
    {
        mt_srand(5);
        $places = array_map(static fn (): array => [mt_rand(0, 100), mt_rand(0, 100)], range(0, 8));
        $km = static fn (array $p, array $q): float => hypot($p[0] - $q[0], $p[1] - $q[1]);
        $row = static fn (array $p): array => array_map(static fn (array $q): float => $km($p, $q), $places);
        $travel = Travel::of(array_map($row, $places), 9);
        $exact = new Tours($travel);
        $quick = new Tours($travel, 2);
        foreach ([0b111, 0b10110, 0b1111111, 0b11010111] as $set) {
            $shortest = self::shortest($travel->minutes, $set);
            self::assertEqualsWithDelta($shortest, $exact->length($set), 1e-9);
            self::assertEqualsWithDelta($shortest, self::along($travel->minutes, $exact->route($set)), 1e-9);
            self::assertGreaterThanOrEqual($shortest - 1e-9, $quick->length($set));
            self::assertLessThan(1.06 * $shortest, $quick->length($set));
        }
    }

    /**
     * Of every order there is.
     *
     * @param  list<list<float>>  $minutes
     */
    private static function shortest(array $minutes, int $set): float
    {
        $places = array_values(array_filter(range(0, 7), static fn (int $place): bool => ($set >> $place & 1) === 1));
        $least = INF;
        $try = function (array $route, array $left) use (&$try, &$least, $minutes): void {
            if ($left === []) {
                $least = min($least, self::along($minutes, $route));
            }
            foreach ($left as $place) {
                $try([...$route, $place], array_values(array_diff($left, [$place])));
            }
        };
        $try([], $places);

        return $least;
    }

    /**
     * @param  list<list<float>>  $minutes  the depot first
     * @param  list<int>  $route
     */
    private static function along(array $minutes, array $route): float
    {
        $sum = 0.0;
        $at = 0;
        foreach ($route as $place) {
            $sum += $minutes[$at][$place + 1];
            $at = $place + 1;
        }

        return $sum + $minutes[$at][0];
    }

    public function test_travel_times_are_closed_by_shorter_ways_and_holes_are_named(): void
    {
        $closed = Travel::of([[0.0, 10.0, 50.0], [10.0, 0.0, 10.0], [50.0, 10.0, 0.0]], 3);
        self::assertTrue($closed->wasClosed);
        self::assertEqualsWithDelta(20.0, $closed->minutes[0][2], 1e-9);
        $this->expectExceptionMessage('The time from place 0 to place 2 is missing.');
        Travel::of([[0.0, 10.0, null], [10.0, 0.0, 10.0], [50.0, 10.0, 0.0]], 3);
    }

    /** @return iterable<string, array{callable(): mixed, string}> */
    public static function refused(): iterable
    {
        $day = new DateTimeImmutable('2026-08-04');
        yield 'a forecast of 200 C' => [static fn (): Sky => new Sky(200.0, 0.1), '/max_c'];
        yield 'a chance of rain over one' => [static fn (): Sky => new Sky(20.0, 1.2), '/rain_p'];
        yield 'a day of more than 24 hours' => [
            static fn (): WorkDay => new WorkDay($day, 1441.0, new Sky(20.0, 0.1)),
            '/crew_min',
        ];
        yield 'a deadline before ready' => [
            static fn (): YardToFetch => new YardToFetch('A', 3, 5.0, $day, $day->modify('-1 day')),
            '/deadline',
        ];
        yield 'no hive' => [static fn (): YardToFetch => new YardToFetch('A', 0, 5.0, $day, $day), '/hives'];
        yield 'a negative room' => [static fn (): Capacity => new Capacity(60.0, -1.0), '/hold_supers'];
        $work = new WorkDay($day, 480.0, new Sky(20.0, 0.1));
        $locked = static fn (WorkDay $second, Visit ...$locks): RoundsQuestion => new RoundsQuestion(
            [$work, $second],
            [new YardToFetch('A', 3, 5.0, $day, $day)],
            Travel::of([[0.0, 9.0], [9.0, 0.0]], 2),
            new Kit(5),
            new Capacity(60.0, 80.0),
            locks: array_values($locks),
        );
        $next = new WorkDay($day->modify('+1 day'), 480.0, new Sky(20.0, 0.1));
        yield 'days out of order' => [static fn (): RoundsQuestion => $locked($work), '/days/1/date'];
        yield 'a lock on a day that is not there' => [
            static fn (): RoundsQuestion => $locked($next, self::visit('A', 3, Method::Brush, 7, 7)),
            '/locks/0',
        ];
        yield 'a lock of boards for no night' => [
            static fn (): RoundsQuestion => $locked($next, self::visit('A', 3, Method::EscapeBoard, 1, 1)),
            '/locks/0/place',
        ];
        yield 'a lock of more hives than there are' => [
            static fn (): RoundsQuestion => $locked($next, self::visit('A', 4, Method::Brush, 1, 1)),
            '/locks/0/hives',
        ];
        yield 'too small a matrix' => [static fn (): Travel => Travel::of([[0.0]], 2), '/travel_min'];
    }

    /** @param  callable(): mixed  $make */
    #[DataProvider('refused')]
    public function test_what_cannot_be_is_refused_with_its_place(callable $make, string $pointer): void
    {
        try {
            $make();
            self::fail('It was taken.');
        } catch (InvalidInput $refusal) {
            self::assertSame($pointer, $refusal->pointer);
            self::assertNotSame('', $refusal->allowed);
        }
    }

    public function test_nothing_to_do_is_a_plan(): void
    {
        $day = new WorkDay(new DateTimeImmutable('2026-08-04'), 480.0, new Sky(20.0, 0.1));
        $question = new RoundsQuestion([$day], [], Travel::of([[0.0]], 1), new Kit, new Capacity(60.0, 80.0));
        self::assertSame(0.0, (new Planner($question))->plan(new IterationBudget(100))->cost->total());
    }

    private static function visit(string $yard, int $hives, Method $method, int $first, int $last): Visit
    {
        $day = static fn (int $i): DateTimeImmutable => new DateTimeImmutable("2026-08-04 +$i days");

        return new Visit($yard, $hives, $method, $day($first), $day($last));
    }

    /** @param  list<Method>  $methods */
    private function yard(
        string $id,
        int $hives,
        float $supers,
        string $deadline = '2026-08-13',
        array $methods = [Method::EscapeBoard, Method::FumeBoard, Method::Blower, Method::Brush],
    ): YardToFetch {
        return new YardToFetch(
            $id,
            $hives,
            $supers,
            new DateTimeImmutable('2026-08-04'),
            new DateTimeImmutable($deadline),
            $methods,
        );
    }

    /**
     * @param  list<YardToFetch>  $yards
     * @param  array<string, mixed>  $with
     */
    private function task(array $yards, array $with = []): RoundsQuestion
    {
        $days = [];
        for ($i = 0; $i < ($with['days'] ?? 10); $i++) {
            $days[] = new WorkDay(
                new DateTimeImmutable('2026-08-04 +'.$i.' days'),
                $with['crew'] ?? 480.0,
                new Sky(21.0, $with['rain'] ?? 0.1),
            );
        }
        $matrix = array_map(
            static fn (int $i): array => array_map(
                static fn (int $j): float => $i === $j ? 0.0 : 20.0,
                range(0, count($yards)),
            ),
            range(0, count($yards)),
        );

        return new RoundsQuestion(
            $days,
            $yards,
            Travel::of($matrix, count($yards) + 1),
            new Kit($with['boards'] ?? 20, 2, true),
            new Capacity($with['truck'] ?? 60.0, 80.0),
            split: $with['split'] ?? false,
            locks: $with['locks'] ?? [],
        );
    }
}
