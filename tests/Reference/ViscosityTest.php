<?php

declare(strict_types=1);

namespace Tests\Reference;

use Marjoram\Core\Comb\Density;
use Marjoram\Core\InvalidInput;
use Marjoram\Core\Viscosity\Settling;
use Marjoram\Core\Viscosity\Viscosity;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Viscosity against its two tables (White 1975, in Crane; from memory), which meet, and settling against practice. */
final class ViscosityTest extends TestCase
{
    #[TestWith([13.7, 600.0])]
    #[TestWith([29.0, 68.4])]
    #[TestWith([48.1, 10.7])]
    #[TestWith([71.1, 2.6])]
    public function test_at_the_water_of_the_first_table_it_is_that_table(float $celsius, float $poise): void
    {
        self::assertEqualsWithDelta($poise, 10.0 * (new Viscosity)->paS($celsius, 16.1), 1e-9);
    }

    /** The second table is of 25 C: the two agree there to about 5 %. */
    #[TestWith([13.7, 420.0])]
    #[TestWith([15.5, 138.0])]
    #[TestWith([17.1, 69.0])]
    #[TestWith([19.1, 34.9])]
    #[TestWith([21.5, 13.6])]
    public function test_at_25_degrees_it_is_near_the_second_table(float $water, float $poise): void
    {
        self::assertEqualsWithDelta(1.0, 10.0 * (new Viscosity)->paS(25.0, $water) / $poise, 0.06);
    }

    public function test_warmer_and_wetter_is_thinner_and_outside_the_tables_nothing_is_said(): void
    {
        $viscosity = new Viscosity;
        for ($celsius = 14.0; $celsius < 71.0; $celsius += 1.0) {
            self::assertGreaterThan($viscosity->paS($celsius + 0.1, 17.0), $viscosity->paS($celsius, 17.0));
            self::assertGreaterThan($viscosity->paS($celsius, 17.1), $viscosity->paS($celsius, 17.0));
        }
        self::assertEqualsWithDelta(1.0, $viscosity->timesThinner(20.0, 18.0), 1e-12);
        $this->expectException(InvalidInput::class);
        $viscosity->paS(80.0, 17.0);
    }

    /** Common practice: a bucket of 5 US gallons holds about 60 lb of honey. */
    public function test_a_bucket_of_five_gallons_holds_about_sixty_pounds(): void
    {
        $litres = 5.0 * 3.785411784;
        foreach ([16.5, 17.5, 18.5] as $water) {
            $pounds = $litres * (new Density)->kgPerLitre($water) / 0.45359237;
            self::assertEqualsWithDelta(60.0, $pounds, 1.5);
        }
    }

    /** Common practice: honey stands a day or two before it is jarred. */
    public function test_wax_rises_in_a_day_or_two(): void
    {
        $settling = new Settling;
        $hours = static fn (float $celsius): float => $settling->hoursToClear(35.0, $settling->riseCmPerDay($celsius, 17.5));
        self::assertEqualsWithDelta(34.0, $hours(30.0), 1.5);
        self::assertEqualsWithDelta(19.0, $hours(35.0), 1.5);
        // Four times as fast where the crumbs are twice as large (Stokes).
        self::assertEqualsWithDelta(4.0, $settling->riseCmPerDay(30.0, 17.5, 0.4) / $settling->riseCmPerDay(30.0, 17.5, 0.2), 1e-9);
    }
}
