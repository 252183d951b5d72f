<?php

declare(strict_types=1);

namespace Tests\Core;

use Marjoram\Core\Drying\Drying;
use Marjoram\Core\Drying\RoomAir;
use Marjoram\Core\Drying\RoomCourse;
use Marjoram\Core\Drying\WaterReading;
use Marjoram\Core\InvalidInput;
use Marjoram\Core\Numerics\SeededRandom;
use Marjoram\Core\Spin\Extractor;
use Marjoram\Core\Spin\SpinFrame;
use Marjoram\Core\Spin\Spinning;
use Marjoram\Core\Spin\SpinReason;
use Marjoram\Core\Spin\SpinStep;
use Marjoram\Core\Viscosity\Warming;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Combs that dry, honey that is warmed, and how a load is spun. */
final class SpinAndDryingTest extends TestCase
{
    /** Martin (1958), as tabulated by Crane (from memory): honey of 18.3 % neither takes up nor gives off at 60 %. */
    #[TestWith([60.0, 18.3])]
    #[TestWith([55.0, 16.8])]
    #[TestWith([65.0, 20.9])]
    public function test_in_air_of_its_own_humidity_honey_stays_as_it_is(float $humidity, float $water): void
    {
        $readings = [new WaterReading(0.0, $water), new WaterReading(100.0, $water), new WaterReading(200.0, $water)];
        $fit = (new Drying)->fit($readings, [new RoomAir(0.0, 30.0, $humidity)], 0.5);
        self::assertEqualsWithDelta($water, $fit->endPct(), 1e-9);
        foreach ($fit->at([0.0, 100.0, 400.0]) as $band) {
            self::assertEqualsWithDelta($water, $band->waterPct, 0.25);
        }
    }

    /** Common practice: three days to a week with a dehumidifier, from a little too wet. */
    public function test_before_any_curve_is_known_it_takes_days_and_open_combs_are_sooner_ready(): void
    {
        $air = [new RoomAir(0.0, 30.0, 40.0)];
        $ready = static fn (float $capped): float => (new Drying)
            ->fit([new WaterReading(0.0, 19.3)], $air, $capped)
            ->ready(18.0, 0.0)
            ->hours;
        self::assertGreaterThan(48.0, $ready(0.5));
        self::assertLessThan(168.0, $ready(0.5));
        self::assertLessThan($ready(0.5), $ready(0.1));
        self::assertGreaterThan(168.0, $ready(0.95), 'what is capped hardly dries');
    }

    public function test_the_open_combs_of_a_stack_are_ready_before_its_capped_ones(): void
    {
        $fit = (new Drying)->fit([new WaterReading(0.0, 19.2)], [new RoomAir(0.0, 30.0, 40.0)], 0.5);
        $hours = static fn (float $times): float => $fit->faster($times)->ready(18.0, 0.0)->hours;
        self::assertEqualsWithDelta($hours(1.0), 2.0 * $hours(2.0), 1e-6, 'twice as fast, half the time');
        self::assertGreaterThan($hours(1.0), $hours(0.2));
    }

    /** Rooms drawn from the presumption: the range named before holds what comes in about 8 of 10. */
    public function test_the_range_holds_the_day_in_eight_of_ten_rooms(): void
    {
        $random = new SeededRandom(7);
        $held = $all = 0;
        for ($i = 0; $i < 300; $i++) {
            $rate = 0.09 * exp($random->normal(0.0, 0.5));
            $start = 18.5 + $random->normal(0.0, 1.2);
            $room = new RoomCourse([new RoomAir(0.0, 30.0, 42.0)], 30.0);
            $readings = [];
            foreach ([0.0, 24.0, 48.0] as $hour) {
                [$a, $b] = $room->lines($rate, [$hour])[0];
                $readings[] = new WaterReading($hour, $a * $start + $b + $random->normal(0.0, 0.35));
            }
            $true = log(($start - $room->end()) / (17.0 - $room->end())) / ($rate / 24.0);
            if ($true > 60.0) {
                $ready = (new Drying)->fit($readings, [new RoomAir(0.0, 30.0, 42.0)], 0.5)->ready(17.0, 48.0);
                $all++;
                $held += $true >= $ready->lo && $true <= $ready->hi ? 1 : 0;
            }
        }
        self::assertGreaterThan(150, $all);
        self::assertEqualsWithDelta(0.8, $held / $all, 0.08);
    }

    public function test_a_straight_line_of_the_beginning_agrees_with_small_steps(): void
    {
        // An independent calculation: the room changes twice, the water goes in steps of a minute.
        $air = [new RoomAir(0.0, 25.0, 60.0), new RoomAir(30.0, 35.0, 40.0), new RoomAir(70.0, 20.0, 50.0)];
        $room = new RoomCourse($air, 30.0);
        [$a, $b] = $room->lines(0.12, [100.0])[0];
        $vapour = static fn (float $celsius): float => exp(17.625 * $celsius / (243.04 + $celsius));
        $water = 19.5;
        for ($minute = 0; $minute < 6000; $minute++) {
            [$celsius, $end] = match (true) {
                $minute < 1800 => [25.0, 18.3],
                $minute < 4200 => [35.0, 15.9 - 10.0 * 0.18],
                default => [20.0, 15.9],
            };
            $water -= 0.12 / 1440.0 * $vapour($celsius) / $vapour(30.0) * ($water - $end);
        }
        self::assertEqualsWithDelta($water, $a * 19.5 + $b, 0.001);
    }

    public function test_a_damp_room_never_brings_it_there_and_a_wrong_sensor_is_refused(): void
    {
        $fit = (new Drying)->fit([new WaterReading(0.0, 19.5)], [new RoomAir(0.0, 25.0, 65.0)], 0.3);
        self::assertInfinite($fit->ready(18.0, 0.0)->hours);
        self::assertEqualsWithDelta(0.0, $fit->ready(18.0, 0.0)->pEver, 0.01);
        $drier = new RoomCourse([new RoomAir(0.0, 25.0, 65.0), new RoomAir(1.0, 25.0, 38.0)], 30.0);
        self::assertLessThan(400.0, $fit->in($drier)->ready(18.0, 1.0)->hours);
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessage('The humidity is 140; allowed: 0 to 100.');
        new RoomAir(0.0, 25.0, 140.0);
    }

    public function test_thick_honey_is_warmed_a_night_or_two(): void
    {
        $warming = new Warming;
        // Common practice: 17.5 % spins in a warm room; 14 to 15 % must be warmed through.
        self::assertEqualsWithDelta(21.0, $warming->neededC(17.5), 1.0);
        self::assertSame(0.0, $warming->hours(17.5, 25.0, 24.0));
        self::assertGreaterThan(8.0, $warming->hours(14.8, 35.0, 18.0));
        self::assertLessThan(36.0, $warming->hours(14.8, 35.0, 18.0));
        self::assertInfinite($warming->hours(14.5, 25.0, 18.0));
    }

    /** Common practice: 3 to 5 minutes a side at 250 to 300 rpm, 30 cm, 30 C, 17.5 %. */
    public function test_a_usual_load_takes_a_few_minutes_a_side(): void
    {
        $steps = (new Spinning)->plan(new Extractor(4, false, 30.0, 275.0), self::even(), 30.0, 17.5);
        self::assertCount(3, $steps);
        self::assertEqualsWithDelta(4.0, $steps[1]->minutes, 1e-9);
        self::assertGreaterThan(3.0, $steps[0]->minutes + $steps[2]->minutes);
        self::assertLessThan(8.0, $steps[0]->minutes + $steps[2]->minutes);
        self::assertSame(0.5 * $steps[1]->rpm, $steps[0]->rpm);
        // Poiseuille: twice the speed a quarter of the time; the thicker, the longer.
        $fast = (new Spinning)->plan(new Extractor(4, false, 30.0, 550.0, 5000.0), self::even(), 30.0, 17.5);
        self::assertEqualsWithDelta(0.25, $fast[1]->minutes / $steps[1]->minutes, 1e-9);
        self::assertGreaterThan(
            2.0 * $steps[1]->minutes,
            (new Spinning)->plan(new Extractor(4, false, 30.0, 275.0), self::even(), 22.0, 17.0)[1]->minutes,
        );
        self::assertCount(2, (new Spinning)->plan(new Extractor(4, true), self::even(), 30.0, 17.5));
    }

    public function test_fresh_comb_runs_slower_and_imbalance_is_kept_under_the_force(): void
    {
        $fresh = [new SpinFrame(1, 2500.0, true, 1.0, 1.0), new SpinFrame(3, 2500.0, false, 1.0, 1.0)];
        $old = (new Spinning)->plan(new Extractor(4), self::even(), 30.0, 17.5);
        $new = (new Spinning)->plan(new Extractor(4), $fresh, 30.0, 17.5);
        self::assertLessThan($old[0]->rpm, $new[0]->rpm);
        self::assertLessThan($old[1]->rpm, $new[1]->rpm);
        // One frame alone: 2.5 kg at 30 cm pull more than 150 N beyond 135 rpm.
        $alone = (new Spinning)->plan(new Extractor(4), [new SpinFrame(2, 2500.0, false, 1.1, 1.0)], 30.0, 17.5);
        foreach ($alone as $step) {
            self::assertLessThanOrEqual(150.0 + 1e-6, $step->forceN);
        }
        self::assertContains(SpinReason::OutOfBalance, self::reasons($alone));
        $heavy = (new Spinning)->plan(new Extractor(4, false, 60.0), [new SpinFrame(2, 9000.0)], 30.0, 17.5);
        self::assertContains(SpinReason::NotToBeBalanced, self::reasons($heavy));
        self::assertContains(
            SpinReason::Thick,
            self::reasons((new Spinning)->plan(new Extractor(4), self::even(), 20.0, 16.0)),
        );
        $this->expectException(InvalidInput::class);
        (new Spinning)->plan(new Extractor(4), [new SpinFrame(1, 10.0), new SpinFrame(1, 10.0)], 30.0, 17.5);
    }

    /** @return list<SpinFrame> */
    private static function even(): array
    {
        return array_map(static fn (int $slot): SpinFrame => new SpinFrame($slot, 2400.0, false, 1.0, 1.0), range(1, 4));
    }

    /**
     * @param  list<SpinStep>  $steps
     * @return list<mixed>
     */
    private static function reasons(array $steps): array
    {
        $why = [];
        foreach ($steps as $step) {
            foreach ($step->why as $one) {
                $why[] = $one->what;
            }
        }

        return $why;
    }
}
