<?php

declare(strict_types=1);

namespace Tests\Core;

use Marjoram\Core\InvalidInput;
use Marjoram\Core\Lifting\Coupling;
use Marjoram\Core\Lifting\Lift;
use Marjoram\Core\Lifting\LiftAdvice;
use Marjoram\Core\Lifting\LiftHeights;
use Marjoram\Core\Lifting\Lifting;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class LiftingTest extends TestCase
{
    public function test_the_best_lift_of_all_is_the_load_constant(): void
    {
        $result = (new Lifting)->assess(new Lift(23.0, 75.0, 75.0, 25.0, coupling: Coupling::Good));
        self::assertEqualsWithDelta(23.0, $result->limitKg, 1e-9);
        self::assertEqualsWithDelta(1.0, $result->index, 1e-9);
        self::assertSame(LiftAdvice::OnePerson, $result->advice());
    }

    /** Outside these bounds the equation allows no weight at all. */
    #[TestWith([64.0, 75.0, 75.0, 0.0])]
    #[TestWith([30.0, 176.0, 75.0, 0.0])]
    #[TestWith([30.0, 75.0, 176.0, 0.0])]
    #[TestWith([30.0, 75.0, 75.0, 136.0])]
    public function test_beyond_the_bounds_nothing_may_be_lifted(
        float $reach,
        float $from,
        float $to,
        float $twist,
    ): void {
        $result = (new Lifting)->assess(new Lift(5.0, $from, $to, $reach, $twist));
        self::assertSame(0.0, $result->limitKg);
        self::assertInfinite($result->index);
        self::assertSame(LiftAdvice::NotWhole, $result->advice());
    }

    public function test_each_strain_lowers_the_limit(): void
    {
        $limit = static fn (Lift $lift): float => (new Lifting)->assess($lift)->limitKg;
        $base = $limit(new Lift(20.0, 75.0, 80.0));
        self::assertLessThan($base, $limit(new Lift(20.0, 75.0, 80.0, horizontalCm: 45.0)));
        self::assertLessThan($base, $limit(new Lift(20.0, 20.0, 80.0)));
        self::assertLessThan($base, $limit(new Lift(20.0, 75.0, 150.0)));
        self::assertLessThan($base, $limit(new Lift(20.0, 75.0, 80.0, twistDeg: 45.0)));
        self::assertLessThan($base, $limit(new Lift(20.0, 75.0, 80.0, liftsPerMin: 4.0)));
        self::assertLessThan($base, $limit(new Lift(20.0, 75.0, 80.0, hours: 6.0)));
        self::assertLessThan($base, $limit(new Lift(20.0, 75.0, 80.0, coupling: Coupling::Poor)));
    }

    public function test_a_full_deep_box_is_no_load_for_one(): void
    {
        // Common practice: 80 to 100 lb.
        $result = (new Lifting)->assess(new Lift(41.0, 60.0, 80.0, 35.0));
        self::assertSame(LiftAdvice::TwoPeople, $result->advice());
        self::assertGreaterThan(2.0, $result->index);
    }

    public function test_no_load_has_the_index_0_and_a_negative_one_is_refused(): void
    {
        self::assertSame(0.0, (new Lifting)->assess(new Lift(0.0, 75.0, 75.0))->index);
        $this->expectException(InvalidInput::class);
        new Lift(-1.0, 75.0, 75.0);
    }

    /** NIOSH 94-110: 20 cm and half the depth of the box, 25 and half where it stands low. */
    public function test_a_box_is_lifted_onto_the_bed_from_the_lower_of_both(): void
    {
        $heights = new LiftHeights;
        $low = $heights->ontoBed(20.0, 20.0, 420.0);
        self::assertSame([20.0, 80.0, 46.0], [$low->fromHeightCm, $low->toHeightCm, $low->horizontalCm]);
        // Above 25 cm the hands come closer; a kind without a width is as deep as most.
        self::assertSame(41.0, $heights->ontoBed(20.0, 120.0, 420.0)->horizontalCm);
        self::assertSame(40.5, $heights->ontoBed(20.0, 120.0, 0.0)->horizontalCm);
    }

    public function test_the_hands_are_as_far_out_as_the_box_is_deep(): void
    {
        self::assertSame(40.5, Lift::reachCm(41.0, 60.0));
        self::assertSame(45.5, Lift::reachCm(41.0, 20.0));
        $near = (new Lifting)->assess(new Lift(20.0, 60.0, 80.0, 30.0));
        $far = (new Lifting)->assess(new Lift(20.0, 60.0, 80.0, Lift::reachCm(41.0, 60.0)));
        self::assertEqualsWithDelta(40.5 / 30.0, $far->index / $near->index, 1e-9);
    }
}
