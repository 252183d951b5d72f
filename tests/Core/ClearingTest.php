<?php

declare(strict_types=1);

namespace Tests\Core;

use DateTimeImmutable;
use Marjoram\Core\Clearing\BoardFigures;
use Marjoram\Core\Clearing\Caution;
use Marjoram\Core\Clearing\DayForecast;
use Marjoram\Core\Clearing\HiveToClear;
use Marjoram\Core\Clearing\Kit;
use Marjoram\Core\Clearing\Method;
use Marjoram\Core\Clearing\MethodComparison;
use Marjoram\Core\Clearing\MethodOutcome;
use Marjoram\Core\Clearing\RankReason;
use Marjoram\Core\Clearing\Refusal;
use Marjoram\Core\Clearing\RobbingRisk;
use Marjoram\Core\InvalidInput;
use Marjoram\Core\Statement;
use PHPUnit\Framework\TestCase;

final class ClearingTest extends TestCase
{
    public function test_minutes_follow_the_table(): void
    {
        $plans = $this->plans([new HiveToClear('A', 2), new HiveToClear('B', 1, boxesToMoveBelow: 1)]);
        self::assertEqualsWithDelta(2 * 6.0 + 3 * 3.5 + 2.0, $plans['escape-board']->personMinutes, 1e-9);
        self::assertEqualsWithDelta(3 * 10.0, $plans['brush']->personMinutes, 1e-9);
        self::assertEqualsWithDelta(3 * 4.0, $plans['blower']->personMinutes, 1e-9);
        // 21 C with little cloud: 10 x (1 + 0.5 x 0.2) minutes a super, two boards at work, one minute to handle each
        // shared by two.
        self::assertEqualsWithDelta(3 * (11.0 / 2 + 0.5) * 2, $plans['fume-board']->personMinutes, 1e-9);
    }

    public function test_cool_nights_empty_a_super_sooner(): void
    {
        $figures = new BoardFigures;
        self::assertEqualsWithDelta(exp(-2.3), $figures->shareLeft(8.0), 1e-12);
        self::assertEqualsWithDelta(exp(-1.0), $figures->shareLeft(22.0), 1e-12);
        self::assertEqualsWithDelta(exp(-1.65), $figures->shareLeft(15.0), 1e-12);
    }

    public function test_brood_defeats_board_and_fume_and_cold_the_fume(): void
    {
        $plans = $this->plans([new HiveToClear('A', 2, broodInSupers: true)]);
        self::assertFalse($plans['escape-board']->feasible());
        self::assertFalse($plans['fume-board']->feasible());
        self::assertTrue($plans['brush']->feasible());
        $cold = $this->plans([new HiveToClear('A', 2)], 8.0);
        self::assertEquals(new Statement(Refusal::NoWarmDryDay, ['celsius' => 12.0]), $cold['fume-board']->refusal);
    }

    public function test_frame_by_frame_and_in_the_cold_are_compared_where_they_are_asked_for(): void
    {
        $day = static fn (int $n, float $min, float $rain = 0.1): DayForecast => new DayForecast(
            new DateTimeImmutable("2026-10-0$n"),
            $min,
            14.0,
            $rain,
            0.5,
        );
        $hives = [new HiveToClear('A', 2, frames: 7), new HiveToClear('B', 1, broodInSupers: true)];
        $compare = static fn (array $hives, array $days): array => (new MethodComparison)
            ->compare($hives, $days, 2, new Kit, false, true);
        $by = static function (array $outcomes, Method $method): MethodOutcome {
            foreach ($outcomes as $one) {
                assert($one instanceof MethodOutcome);
                if ($one->method === $method) {
                    return $one;
                }
            }
            self::fail("no outcome of $method->value");
        };
        // 1 to 2 minutes a frame (common practice): seven of A, all ten of B; its brood is no hindrance.
        $frames = $by($compare($hives, [$day(1, 9.0)]), Method::ByFrame);
        self::assertEqualsWithDelta(1.5 * 17, $frames->personMinutes, 1e-9);
        self::assertSame(RobbingRisk::High, $frames->robbingRisk());
        $cold = $by($compare([$hives[0]], [$day(1, 9.0), $day(2, 3.0), $day(3, 1.0, 0.9)]), Method::Cold);
        self::assertSame('2026-10-02', $cold->visits[0]->format('Y-m-d'), 'the coldest dry night');
        self::assertEquals([new Statement(Caution::BreakTheSealAgain)], $cold->cautions);
        self::assertSame(RobbingRisk::Low, $cold->robbingRisk());
        $warm = $by($compare([$hives[0]], [$day(1, 8.0)]), Method::Cold);
        self::assertEquals(new Statement(Refusal::NoColdDryDay, ['celsius' => 8.0]), $warm->refusal);
        self::assertEquals(new Statement(Refusal::BroodAbove, ['hives' => ['B']]), $by($compare($hives, [$day(1, 1.0)]), Method::Cold)->refusal);
        $usual = (new MethodComparison)->compare($hives, [$day(1, 9.0)], 2, new Kit, false);
        self::assertEqualsCanonicalizing(Method::usual(), array_map(static fn (MethodOutcome $one): Method => $one->method, $usual));
    }

    public function test_what_is_missing_is_said(): void
    {
        $none = (new MethodComparison)->compare([new HiveToClear('A', 1)], $this->forecast(10.0), 1, new Kit, false);
        $refusals = array_column(array_map(static fn (MethodOutcome $one): array => [
            $one->method->value,
            $one->refusal,
        ], $none), 1, 0);
        self::assertEquals(
            new Statement(Refusal::TooFewBoards, ['boards' => 0, 'hives' => 1, 'short' => 1]),
            $refusals['escape-board'],
        );
        $this->expectException(InvalidInput::class);
        new DayForecast(new DateTimeImmutable('2026-08-05'), 10.0, 200.0, 0.1, 0.8);
    }

    public function test_boards_that_do_not_suffice_are_used_where_there_are_most_supers(): void
    {
        $hives = [new HiveToClear('A', 1), new HiveToClear('B', 3), new HiveToClear('C', 2)];
        $ranked = (new MethodComparison)->compare($hives, $this->forecast(10.0), 1, new Kit(2), true);
        $boards = array_values(array_filter($ranked, static fn ($one): bool => $one->method === Method::EscapeBoard))[0];
        self::assertSame(['B', 'C'], $boards->hives);
        self::assertSame(Method::Brush, $boards->rest()?->method);
        self::assertEqualsWithDelta(2 * 6.0 + 5 * 3.5 + 10.0, $boards->personMinutes, 1e-9, 'two boards and one super brushed');
    }

    public function test_where_hives_were_robbed_no_honey_is_left_open(): void
    {
        $hives = [new HiveToClear('A', 2)];
        $ranked = (new MethodComparison)->compare($hives, $this->forecast(10.0), 1, new Kit(2, 0, true), false, true, true);
        self::assertSame(RobbingRisk::Low, $ranked[0]->robbingRisk());
        foreach ($ranked as $one) {
            if ($one->robbingRisk() !== RobbingRisk::Low) {
                self::assertEquals(new Statement(Refusal::Robbed), $one->refusal);
            }
        }
    }

    /** Fewer bees are named as the reason only where there are fewer. */
    public function test_a_reason_never_contradicts_its_figures(): void
    {
        $seen = [];
        foreach ([true, false] as $dearth) {
            foreach ([1, 3] as $crew) {
                foreach ([1, 4, 9] as $supers) {
                    foreach ([10.0, 16.0, 24.0] as $maxC) {
                        $ranked = (new MethodComparison)->compare(
                            [new HiveToClear('A', $supers), new HiveToClear('B', 1)],
                            $this->forecast($maxC),
                            $crew,
                            new Kit(2, 1, true),
                            $dearth,
                        );
                        $reason = (new MethodComparison)->reasonOfRank($ranked)->what;
                        [$first, $second] = $ranked;
                        $seen[] = $reason;
                        match ($reason) {
                            RankReason::FewerBees => self::assertLessThan($second->beesLeftPerSuper, $first->beesLeftPerSuper),
                            RankReason::LessWork, RankReason::LessWorkAtRisk => self::assertLessThanOrEqual(
                                $second->personMinutes,
                                $first->personMinutes,
                            ),
                            default => self::assertGreaterThan($second->personMinutes, $first->personMinutes),
                        };
                    }
                }
            }
        }
        self::assertGreaterThan(1, count(array_unique(array_column($seen, 'value'))));
    }

    public function test_in_a_dearth_brushing_is_ranked_behind_boards(): void
    {
        $forecast = $this->forecast(17.0);
        $ranked = (new MethodComparison)->compare(
            [new HiveToClear('A', 2), new HiveToClear('B', 2)],
            $forecast,
            1,
            new Kit(8),
            true,
        );
        self::assertSame(Method::EscapeBoard, $ranked[0]->method);
        self::assertInstanceOf(RankReason::class, (new MethodComparison)->reasonOfRank($ranked)->what);
    }

    public function test_fumes_work_by_the_temperature_and_the_sun(): void
    {
        // Common practice: 10 minutes a super at 21 C, 6 at 30, half as long again under cloud; one board, one person,
        // and a minute to handle each super.
        foreach (
            [
                [15.0, 1.0, 15.0],
                [21.0, 1.0, 10.0],
                [30.0, 1.0, 6.0],
                [36.0, 1.0, 6.0],
                [21.0, 0.0, 15.0],
                [21.0, 0.5, 12.5],
            ] as [$maxC, $sun, $minutes]
        ) {
            $plan = $this->one(
                Method::FumeBoard,
                [new HiveToClear('A', 1)],
                [$this->day(5, maxC: $maxC, sun: $sun)],
                new Kit(0, 1),
            );
            self::assertEqualsWithDelta($minutes + 1.0, $plan->onSiteMinutes, 1e-9, "at $maxC C");
        }
        // Of several days the quickest; boards work side by side, and the crew stands by.
        $plan = $this->one(
            Method::FumeBoard,
            [new HiveToClear('A', 3), new HiveToClear('B', 2)],
            [
                $this->day(5, maxC: 12.0, sun: 1.0),
                $this->day(6, maxC: 24.0, sun: 1.0),
                $this->day(7, maxC: 27.0, rainP: 0.6, sun: 1.0),
            ],
            new Kit(0, 2),
            crew: 3,
        );
        self::assertSame('2026-08-06', $plan->visits[0]->format('Y-m-d'));
        self::assertEqualsWithDelta(5 * ((10.0 - (4.0 * 3.0) / 9.0) / 2 + 1.0 / 3), $plan->onSiteMinutes, 1e-9);
        self::assertEqualsWithDelta(3 * $plan->onSiteMinutes, $plan->personMinutes, 1e-9);
        self::assertContainsEquals(new Statement(Caution::FollowTheLabel), $plan->cautions);
    }

    public function test_rain_keeps_open_supers_shut_and_boards_out(): void
    {
        $wet = [$this->day(5, rainP: 0.7), $this->day(6, rainP: 0.9)];
        $plans = $this->byMethod([new HiveToClear('A', 2)], $wet, new Kit(4, 2, true));
        self::assertEquals(
            [new Statement(Refusal::NoDryDay), new Statement(Refusal::NoDryDay)],
            [$plans['brush']->refusal, $plans['blower']->refusal],
        );
        self::assertSame(Refusal::NoWarmDryDay, $plans['fume-board']->refusal?->what);
        self::assertTrue($plans['escape-board']->feasible());
        $dry = $this->byMethod(
            [new HiveToClear('A', 2)],
            [$this->day(5, rainP: 0.5), $this->day(6, rainP: 0.1), $this->day(7, rainP: 0.1)],
            new Kit(4, 2, true),
        );
        self::assertSame('2026-08-06', $dry['brush']->visits[0]->format('Y-m-d'));
    }

    public function test_boards_stay_one_to_three_nights_and_longer_where_nights_are_warm(): void
    {
        $nights = fn (float $minC): int => (int) ($plan = $this->one(
            Method::EscapeBoard,
            [new HiveToClear('A', 2)],
            array_map(fn (int $day): DayForecast => $this->day($day, minC: $minC, maxC: 26.0), range(5, 12)),
            new Kit(4),
        ))->visits[0]->diff($plan->visits[1])->days;
        // Two cool nights empty nearly all (common practice); after warm ones a third is worth it, and no more than three.
        self::assertSame([2, 3, 3], [$nights(6.0), $nights(19.0), $nights(24.0)]);
        // The night counted is the one before the supers come in, not the one before the boards go on.
        $plan = $this->one(
            Method::EscapeBoard,
            [new HiveToClear('A', 2)],
            [$this->day(5, minC: 20.0), $this->day(6, minC: 5.0)],
            new Kit(4),
        );
        self::assertEqualsWithDelta(2000.0 * exp(-2.3), $plan->beesLeftPerSuper, 1e-9);
        self::assertEquals(
            new Statement(Refusal::TooFewDays),
            $this->one(Method::EscapeBoard, [new HiveToClear('A', 2)], [$this->day(5)], new Kit(4))->refusal,
        );
    }

    public function test_what_stays_is_moved_below_a_board_and_costs_its_minutes(): void
    {
        $without = $this->one(
            Method::EscapeBoard,
            [new HiveToClear('A', 2)],
            [$this->day(5), $this->day(6)],
            new Kit(4),
        );
        $with = $this->one(
            Method::EscapeBoard,
            [new HiveToClear('A', 2, boxesToMoveBelow: 3)],
            [$this->day(5), $this->day(6)],
            new Kit(4),
        );
        self::assertEqualsWithDelta(6.0, $with->personMinutes - $without->personMinutes, 1e-9);
        self::assertEqualsWithDelta(
            $with->personMinutes / 2.0,
            $this->one(
                Method::EscapeBoard,
                [new HiveToClear('A', 2, boxesToMoveBelow: 3)],
                [$this->day(5), $this->day(6)],
                new Kit(4),
                crew: 2,
            )->onSiteMinutes,
            1e-9,
        );
    }

    public function test_without_an_excluder_one_looks_for_the_queen_first(): void
    {
        foreach (
            $this->byMethod(
                [new HiveToClear('A', 1), new HiveToClear('B', 1, excluder: false)],
                [$this->day(5), $this->day(6)],
                new Kit(4, 2, true),
            ) as $plan
        ) {
            self::assertContainsEquals(new Statement(Caution::LookForTheQueen, ['hive' => 'B']), $plan->cautions);
        }
        foreach (
            $this->byMethod([new HiveToClear('A', 0)], [$this->day(5), $this->day(6)], new Kit(4, 2, true)) as $plan
        ) {
            self::assertEquals(new Statement(Refusal::NoSuper), $plan->refusal);
        }
    }

    public function test_the_rank_is_by_work_drives_bees_and_robbing_and_says_so(): void
    {
        mt_srand(11);
        $clearing = new MethodComparison;
        for ($case = 0; $case < 60; $case++) {
            $hives = array_map(
                static fn (int $n): HiveToClear => new HiveToClear(
                    "H$n",
                    mt_rand(0, 4),
                    mt_rand(0, 9) === 0,
                    mt_rand(0, 1) === 1,
                    mt_rand(0, 2),
                ),
                range(1, mt_rand(1, 9)),
            );
            $days = array_map(
                fn (int $n): DayForecast => $this->day(
                    4 + $n,
                    (float) mt_rand(2, 14),
                    (float) mt_rand(14, 32),
                    mt_rand(0, 100) / 100.0,
                    mt_rand(0, 10) / 10.0,
                ),
                range(1, mt_rand(1, 10)),
            );
            $ranked = $clearing->compare(
                $hives,
                $days,
                mt_rand(1, 4),
                new Kit(mt_rand(0, 9), mt_rand(0, 3), mt_rand(0, 1) === 1),
                mt_rand(0, 1) === 1,
            );
            self::assertCount(4, $ranked);
            $dates = array_map(static fn (DayForecast $day): string => $day->date->format('Y-m-d'), $days);
            foreach ($ranked as $i => $plan) {
                $before = $ranked[$i - 1] ?? null;
                self::assertFalse(
                    $plan->feasible() && $before?->feasible() === false,
                    'what cannot be done stands last',
                );
                if (! $plan->feasible()) {
                    self::assertSame([], $plan->visits);

                    continue;
                }
                self::assertLessThanOrEqual($plan->weight(), $before === null ? 0.0 : $before->weight());
                self::assertGreaterThan(0.0, $plan->personMinutes);
                self::assertSame(
                    [],
                    array_diff(
                        array_map(static fn (DateTimeImmutable $day): string => $day->format('Y-m-d'), $plan->visits),
                        $dates,
                    ),
                );
                self::assertCount($plan->method === Method::EscapeBoard ? 2 : 1, $plan->visits);
            }
            $feasible = count(array_filter($ranked, static fn (MethodOutcome $one): bool => $one->feasible()));
            $reason = $clearing->reasonOfRank($ranked)->what;
            self::assertSame($feasible === 0, $reason === RankReason::NoMethod);
            self::assertSame($feasible === 1, $reason === RankReason::OnlyMethod);
        }
    }

    /**
     * @param  list<HiveToClear>  $hives
     * @param  list<DayForecast>  $forecast
     */
    private function one(Method $method, array $hives, array $forecast, Kit $kit, int $crew = 1): MethodOutcome
    {
        return $this->byMethod($hives, $forecast, $kit, $crew)[$method->value];
    }

    /**
     * @param  list<HiveToClear>  $hives
     * @param  list<DayForecast>  $forecast
     * @return array<string, MethodOutcome>
     */
    private function byMethod(array $hives, array $forecast, Kit $kit, int $crew = 1): array
    {
        $plans = (new MethodComparison)->compare($hives, $forecast, $crew, $kit, false);

        return array_combine(array_map(static fn (MethodOutcome $plan): string => $plan->method->value, $plans), $plans);
    }

    private function day(
        int $day,
        float $minC = 8.0,
        float $maxC = 21.0,
        float $rainP = 0.1,
        float $sun = 0.8,
    ): DayForecast {
        return new DayForecast(new DateTimeImmutable(sprintf('2026-08-%02d', $day)), $minC, $maxC, $rainP, $sun);
    }

    /**
     * @param  list<HiveToClear>  $hives
     * @return array<string, MethodOutcome>
     */
    private function plans(array $hives, float $maxC = 21.0): array
    {
        $plans = [];
        foreach (
            (new MethodComparison)->compare($hives, $this->forecast($maxC), 2, new Kit(8, 2, true), false) as $plan
        ) {
            $plans[$plan->method->value] = $plan;
        }

        return $plans;
    }

    /** @return list<DayForecast> */
    private function forecast(float $maxC): array
    {
        return array_map(
            static fn (int $day): DayForecast => new DayForecast(
                new DateTimeImmutable("2026-08-0$day"),
                7.0,
                $maxC,
                0.1,
                0.8,
            ),
            range(5, 8),
        );
    }
}
