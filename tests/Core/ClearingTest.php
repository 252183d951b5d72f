<?php

declare(strict_types=1);

namespace Tests\Core;

use DateTimeImmutable;
use Marjoram\Core\Clearing\Clearing;
use Marjoram\Core\Clearing\ClearingAssumptions;
use Marjoram\Core\Clearing\DayForecast;
use Marjoram\Core\Clearing\HiveToClear;
use Marjoram\Core\Clearing\Kit;
use Marjoram\Core\Clearing\Method;
use Marjoram\Core\Clearing\MethodPlan;
use Marjoram\Core\Clearing\MethodPlanner;
use Marjoram\Core\InvalidInput;
use PHPUnit\Framework\TestCase;

final class ClearingTest extends TestCase
{
    public function test_minutes_follow_the_table(): void
    {
        $plans = $this->plans([new HiveToClear('A', 2), new HiveToClear('B', 1, boxesToMoveBelow: 1)]);
        self::assertEqualsWithDelta(2 * 6.0 + 3 * 3.5 + 2.0, $plans['escape-board']->personMinutes, 1e-9);
        self::assertEqualsWithDelta(3 * 18.0, $plans['brush']->personMinutes, 1e-9);
        self::assertEqualsWithDelta(3 * 4.0, $plans['blower']->personMinutes, 1e-9);
        // 21 C in the sun: 10 minutes a super, two boards at work: two rounds, two people standing by.
        self::assertEqualsWithDelta(2 * 10.0 * 2, $plans['fume-board']->personMinutes, 1e-9);
    }

    public function test_cool_nights_empty_a_super_sooner(): void
    {
        $planner = new MethodPlanner(new ClearingAssumptions);
        self::assertEqualsWithDelta(exp(-2.3), $planner->shareLeft(8.0), 1e-12);
        self::assertEqualsWithDelta(exp(-1.0), $planner->shareLeft(22.0), 1e-12);
        self::assertEqualsWithDelta(exp(-1.65 - 2.3), $planner->shareLeft(15.0, 10.0), 1e-12);
    }

    public function test_brood_defeats_board_and_fume_and_cold_the_fume(): void
    {
        $plans = $this->plans([new HiveToClear('A', 2, broodInSupers: true)]);
        self::assertFalse($plans['escape-board']->feasible());
        self::assertFalse($plans['fume-board']->feasible());
        self::assertTrue($plans['brush']->feasible());
        $cold = $this->plans([new HiveToClear('A', 2)], 8.0);
        self::assertStringContainsString('9 C', (string) $cold['fume-board']->refusal);
    }

    public function test_what_is_missing_is_said(): void
    {
        $plans = $this->plans(array_map(static fn (int $i): HiveToClear => new HiveToClear("H$i", 1), range(1, 9)));
        self::assertSame('8 boards for 9 hives: 1 short.', $plans['escape-board']->refusal);
        $this->expectException(InvalidInput::class);
        new DayForecast(new DateTimeImmutable('2026-08-05'), 10.0, 200.0, 0.1, 0.8);
    }

    public function test_in_a_dearth_brushing_is_ranked_behind_boards(): void
    {
        $forecast = $this->forecast(17.0);
        $ranked = (new Clearing)->compare([new HiveToClear('A', 2), new HiveToClear('B', 2)], $forecast, 1, new Kit(8), true);
        self::assertSame(Method::EscapeBoard, $ranked[0]->method);
        self::assertNotSame('', (new Clearing)->reasonOfRank($ranked));
    }

    /**
     * @param  list<HiveToClear>  $hives
     * @return array<string, MethodPlan>
     */
    private function plans(array $hives, float $maxC = 21.0): array
    {
        $plans = [];
        foreach ((new Clearing)->compare($hives, $this->forecast($maxC), 2, new Kit(8, 2, true), false) as $plan) {
            $plans[$plan->method->value] = $plan;
        }

        return $plans;
    }

    /** @return list<DayForecast> */
    private function forecast(float $maxC): array
    {
        return array_map(static fn (int $day): DayForecast => new DayForecast(new DateTimeImmutable("2026-08-0$day"), 7.0, $maxC, 0.1, 0.8), range(5, 8));
    }
}
