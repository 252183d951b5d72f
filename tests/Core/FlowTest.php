<?php

declare(strict_types=1);

namespace Tests\Core;

use DateTimeImmutable;
use DateTimeZone;
use Marjoram\Core\Flow\Evidence;
use Marjoram\Core\Flow\Filter\FilterResult;
use Marjoram\Core\Flow\Filter\FlowFilter;
use Marjoram\Core\Flow\Filter\LoggedHandling;
use Marjoram\Core\Flow\Flow;
use Marjoram\Core\Flow\FlowEnd;
use Marjoram\Core\Flow\Phase;
use Marjoram\Core\Flow\ScaleReading;
use Marjoram\Core\Flow\Sign;
use Marjoram\Core\InvalidInput;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class FlowTest extends TestCase
{
    public function test_a_super_put_on_is_no_flow(): void
    {
        $readings = [];
        foreach (range(0, 9) as $day) {
            foreach ([6, 7, 20] as $hour) {
                $kg = 40.0 + 0.5 * ($day + $hour / 24.0) + ($day > 5 || ($day === 5 && $hour >= 7) ? 6.0 : 0.0);
                $readings[] = new ScaleReading($this->at($day, $hour), $kg);
            }
        }
        $readings = (new Randomizer(new Mt19937(8)))->shuffleArray($readings);
        $result = (new Flow)->assess($readings, [], $this->at(10, 12));
        self::assertCount(1, $result->manipulations);
        self::assertEqualsWithDelta(6.0, $result->manipulations[0]->kg, 0.1);
        self::assertEqualsWithDelta(0.5, (float) $result->meanKgPerDay, 0.01);
        self::assertSame(Phase::Slow, $result->phase);
    }

    public function test_signs_multiply_the_odds_and_those_of_the_end_fade_slowly(): void
    {
        $p = fn (Evidence ...$signs): float => (new Flow)->assess([], $signs, $this->at(10, 12))->pOver;
        $robbed = new Evidence(Sign::RobbingTest, 'robbed', $this->at(8, 12));
        $eating = new Evidence(Sign::EatingCapped, 'seen', $this->at(8, 12));
        // Unknown phase: odds 1; robbed: times 8; eating capped honey: times 6.
        self::assertEqualsWithDelta(48.0 / 49.0, $p($robbed, $eating), 1e-12);
        self::assertEqualsWithDelta(0.75, $p($robbed), 1e-12, 'one sign alone makes nobody sure');
        $old = new Evidence(Sign::MainBloom, 'finished', $this->at(-21, 12));
        $odds = 8.0 * 6.0 ** exp(-1.0);
        self::assertEqualsWithDelta($odds / (1.0 + $odds), $p($robbed, $old), 1e-12, 'three weeks after its ten days');
        $wax = fn (int $day): Evidence => new Evidence(Sign::NewWax, 'seen', $this->at($day, 12));
        self::assertEqualsWithDelta(2.4 / 3.4, $p($robbed, $wax(1)), 1e-12);
        self::assertEqualsWithDelta(0.75, $p($robbed, $wax(-1)), 1e-12, 'a flow seen long ago may have ended');
        self::assertEqualsWithDelta(0.5, $p(new Evidence(Sign::MainBloom, 'finished', $this->at(-60, 12))), 1e-12);
        $this->expectException(InvalidInput::class);
        new Evidence(Sign::RobbingTest, 'perhaps', $this->at(8, 12));
    }

    public function test_two_weights_a_week_apart_are_judged_by_the_calendar_too(): void
    {
        $judge = fn (float $gain, string $firstFlow): FilterResult => (new FlowFilter(0.002))->assess(
            [new ScaleReading($this->at(19, 19), 50.0), new ScaleReading($this->at(26, 19), 50.0 + $gain)],
            [],
            [],
            [],
            $this->at(26, 20),
            new DateTimeZone('Europe/Stockholm'),
            new DateTimeImmutable($firstFlow),
        );
        // Common practice: a kilogram a day is a flow, two hundred grams less a day is what a colony eats.
        self::assertSame(Phase::Strong, $judge(7.0, '2026-05-10')->phase);
        self::assertEqualsWithDelta(1.0, (float) $judge(7.0, '2026-05-10')->recentKgPerDay, 1e-9);
        self::assertGreaterThan(0.8, $judge(-1.5, '2026-05-10')->pOver);
        // A month before the first flow the same weights say that it has not begun.
        $early = $judge(-1.5, '2026-08-25');
        self::assertLessThan(0.2, $early->pOver);
        self::assertGreaterThan(0.8, $early->days[count($early->days) - 1]->p->before);
    }

    public function test_a_jump_is_somebodys_box_only_where_somebody_noted_it(): void
    {
        $readings = [];
        foreach (range(0, 9) as $day) {
            $readings[] = new ScaleReading($this->at($day, 20), 40.0 + 0.1 * $day + ($day > 5 ? 9.0 : 0.0));
        }
        $found = fn (LoggedHandling ...$noted): array => (new FlowFilter(0.002))->assess(
            $readings,
            $noted,
            [],
            [],
            $this->at(9, 21),
            new DateTimeZone('Europe/Stockholm'),
        )->manipulations;
        self::assertSame([false], array_column($found(), 'isNoted'));
        self::assertSame([true], array_column($found(new LoggedHandling($this->at(6, 12))), 'isNoted'));
        $plain = (new Flow)->assess($readings, [], $this->at(9, 21));
        self::assertSame([false], array_column($plain->manipulations, 'isNoted'));
        $noted = (new Flow)->assess($readings, [], $this->at(9, 21), [$this->at(6, 0)]);
        self::assertSame([true], array_column($noted->manipulations, 'isNoted'));
    }

    public function test_days_in_a_long_gap_are_unknown(): void
    {
        $readings = array_map(fn (int $day): ScaleReading => new ScaleReading($this->at($day, 19), 40.0 + $day), [
            0,
            1,
            2,
            5,
            6,
            7,
        ]);
        $gains = (new Flow)->assess($readings, [], $this->at(8, 12))->gainKgByDate;
        self::assertNull($gains['2026-07-03']);
        self::assertEqualsWithDelta(1.0, (float) $gains['2026-07-07'], 1e-9);
    }

    public function test_a_day_of_23_hours_is_cut_at_local_midnight(): void
    {
        $zone = new DateTimeZone('Europe/Stockholm');
        $start = new DateTimeImmutable('2026-03-28 00:00', $zone);
        $readings = array_map(
            static fn (int $hour): ScaleReading => new ScaleReading(
                $start->setTimestamp($start->getTimestamp() + 3600 * $hour),
                30.0 + $hour / 10.0,
            ),
            range(0, 72),
        );
        $gains = (new Flow)->assess($readings, [], new DateTimeImmutable('2026-03-31 12:00', $zone))->gainKgByDate;
        self::assertEqualsWithDelta(2.4, (float) $gains['2026-03-28'], 1e-9);
        self::assertEqualsWithDelta(2.3, (float) $gains['2026-03-29'], 1e-9);
    }

    public function test_a_flow_that_is_over_ended_the_day_after_the_scale_last_gained(): void
    {
        // 1 kg a day from 1 to 9 July, a day of rest, a last 0.6 kg on the 11th, then nothing.
        $kg = 40.0;
        $readings = [new ScaleReading($this->at(0, 0), $kg)];
        foreach (range(0, 19) as $day) {
            $kg += $day < 9 ? 1.0 : ($day === 10 ? 0.6 : -0.1);
            $readings[] = new ScaleReading($this->at($day + 1, 0), $kg);
        }
        $flow = new Flow;
        $signs = [new Evidence(Sign::MainBloom, 'finished', $this->at(18, 12))];
        $result = $flow->assess($readings, $signs, $this->at(20, 12));
        self::assertGreaterThan(0.8, $result->pOver);
        self::assertSame('2026-07-12', FlowEnd::of($result, $signs)?->format('Y-m-d'));
        // While it is on, or not known to be over, it has no end.
        self::assertNull(FlowEnd::of($flow->assess(array_slice($readings, 0, 9), [], $this->at(8, 12)), []));
        self::assertNull(FlowEnd::of($result, $signs, 0.999));
        // Where the scale shows no gain at all, it was over when the readings begin.
        $losing = array_map(
            fn (int $day): ScaleReading => new ScaleReading($this->at($day, 0), 50.0 - 0.3 * $day),
            range(0, 9),
        );
        $signs[] = new Evidence(Sign::EatingCapped, 'seen', $this->at(17, 12));
        self::assertSame(
            '2026-07-01',
            FlowEnd::of($flow->assess($losing, $signs, $this->at(18, 13)), $signs)?->format('Y-m-d'),
        );
    }

    public function test_without_a_scale_the_first_sign_since_the_last_against_it_says_when(): void
    {
        $signs = [
            new Evidence(Sign::NewWax, 'seen', $this->at(1, 9)),
            new Evidence(Sign::MainBloom, 'finished', $this->at(4, 9)),
            new Evidence(Sign::EatingCapped, 'seen', $this->at(6, 9)),
            new Evidence(Sign::RobbingTest, 'robbed', $this->at(7, 9)),
        ];
        $result = (new Flow)->assess([], $signs, $this->at(9, 12));
        self::assertSame('2026-07-05', FlowEnd::of($result, array_reverse($signs))?->format('Y-m-d'));
        self::assertNull(FlowEnd::of((new Flow)->assess([], [], $this->at(9, 12)), []));
    }

    public function test_old_readings_say_nothing_of_today(): void
    {
        $readings = array_map(fn (int $day): ScaleReading => new ScaleReading($this->at($day, 20), 40.0 + $day), range(0, 9));
        self::assertSame(Phase::Strong, (new Flow)->assess($readings, [], $this->at(10, 12))->phase);
        $later = (new Flow)->assess($readings, [], $this->at(16, 12));
        self::assertSame(Phase::Unknown, $later->phase);
        self::assertNull($later->meanKgPerDay);
    }

    public function test_a_box_put_on_between_daily_weights_is_no_flow_where_it_was_noted(): void
    {
        $kg = static fn (int $day): float => 40.0 + 0.05 * $day + ($day >= 7 ? 6.5 : 0.0);
        $readings = array_map(fn (int $day): ScaleReading => new ScaleReading($this->at($day, 20), $kg($day)), range(0, 10));
        $now = $this->at(11, 12);
        self::assertSame(Phase::Strong, (new Flow)->assess($readings, [], $now)->phase);
        $noted = (new Flow)->assess($readings, [], $now, [$this->at(7, 0)]);
        self::assertCount(1, $noted->manipulations);
        self::assertEqualsWithDelta(0.05, (float) $noted->meanKgPerDay, 0.01);
        self::assertNull($noted->gainKgByDate['2026-07-08'], 'Most of that day lies between the two weights.');
        self::assertNotNull($noted->gainKgByDate['2026-07-09']);
        // On a day without a step nothing is taken out.
        self::assertCount(0, (new Flow)->assess($readings, [], $now, [$this->at(3, 0)])->manipulations);
    }

    public function test_a_sign_seen_again_is_one_sign(): void
    {
        $seen = fn (int $day, string $result): Evidence => new Evidence(Sign::RobbingTest, $result, $this->at($day, 12));
        $flow = new Flow;
        $now = $this->at(10, 12);
        $once = $flow->assess([], [$seen(8, 'robbed')], $now)->pOver;
        $thrice = [$seen(6, 'robbed'), $seen(8, 'robbed'), $seen(7, 'robbed')];
        self::assertEqualsWithDelta($once, $flow->assess([], $thrice, $now)->pOver, 1e-12);
        $turned = $flow->assess([], [$seen(9, 'ignored'), $seen(8, 'robbed')], $now);
        self::assertEqualsWithDelta(0.2 / 1.2, $turned->pOver, 1e-12, 'The newest counts.');
    }

    public function test_a_scale_set_to_zero_measures_on(): void
    {
        $kg = static fn (int $day): float => max(0.0, 20.0 - ($day >= 3 ? 20.0 : 0.0)) + 0.8 * $day;
        $readings = array_map(fn (int $day): ScaleReading => new ScaleReading($this->at($day, 20), $kg($day)), range(0, 10));
        $gains = (new Flow)->assess($readings, [], $this->at(11, 12))->gainKgByDate;
        self::assertEqualsWithDelta(0.8, (float) $gains['2026-07-09'], 1e-9);
    }

    private function at(int $day, int $hour): DateTimeImmutable
    {
        return (new DateTimeImmutable('2026-07-01 00:00', new DateTimeZone('Europe/Stockholm')))
            ->modify("$day days")
            ->setTime($hour, 0);
    }
}
