<?php

declare(strict_types=1);

namespace Tests\Core;

use Marjoram\Core\InvalidInput;
use Marjoram\Core\Moisture\Moisture;
use Marjoram\Core\Moisture\Reading;
use Marjoram\Core\Moisture\RefractometerScale;
use Marjoram\Core\Moisture\Refractometry;
use PHPUnit\Framework\TestCase;

final class MoistureTest extends TestCase
{
    public function test_water_and_index_are_inverse(): void
    {
        for ($water = 12.0; $water < 28.0; $water += 0.7) {
            self::assertEqualsWithDelta($water, Refractometry::waterOfIndex(Refractometry::indexOfWater($water)), 1e-9);
        }
    }

    public function test_a_warm_instrument_without_compensation_reads_too_wet(): void
    {
        $cold = (new Refractometry)->convert(new Reading(RefractometerScale::RefractiveIndex, 1.492));
        $warm = (new Refractometry)->convert(new Reading(RefractometerScale::RefractiveIndex, 1.492, 30.0));
        // 10 degrees at 0.00023 a degree are 0.0023 of refractive index.
        self::assertEqualsWithDelta($cold->indexAt20C + 0.0023, $warm->indexAt20C, 1e-12);
        self::assertLessThan(0.0, $warm->correctionPct);
        self::assertSame(0.0, $cold->correctionPct);
    }

    public function test_a_compensated_water_reading_stays_as_read(): void
    {
        $result = (new Refractometry)->convert(new Reading(RefractometerScale::Water, 17.3, 28.0));
        self::assertEqualsWithDelta(17.3, $result->waterPct, 1e-9);
    }

    public function test_the_spread_joins_readings_and_expectation(): void
    {
        $result = (new Moisture)->of([new Reading(RefractometerScale::Water, 17.0), new Reading(RefractometerScale::Water, 18.0)], 18.0);
        self::assertEqualsWithDelta(17.5, $result->meanWaterPct, 1e-9);
        // (4 * 0.6^2 + 0.5) / 5
        self::assertEqualsWithDelta(sqrt(1.94 / 5.0), $result->sdPct, 1e-9);
        self::assertSame(5.0, $result->degreesOfFreedom);
        self::assertEqualsWithDelta(0.5, $result->probabilityAtMost(17.5), 1e-9);
    }

    public function test_masses_weigh_the_mean_and_may_not_be_mixed_with_none(): void
    {
        $result = (new Moisture)->of([
            new Reading(RefractometerScale::Water, 17.0, massKg: 3.0),
            new Reading(RefractometerScale::Water, 19.0, massKg: 1.0),
        ]);
        self::assertEqualsWithDelta(17.5, $result->meanWaterPct, 1e-9);
        $this->expectException(InvalidInput::class);
        (new Moisture)->of([new Reading(RefractometerScale::Water, 17.0, massKg: 3.0), new Reading(RefractometerScale::Water, 19.0)]);
    }

    public function test_a_moisture_of_180_is_refused_with_what_is_allowed(): void
    {
        try {
            new Reading(RefractometerScale::Water, 180.0);
            self::fail('180 % water was taken.');
        } catch (InvalidInput $refusal) {
            self::assertSame('10 to 30', $refusal->allowed);
            self::assertSame('/value', $refusal->pointer);
        }
    }

    /** Kish 1965: readings of masses m are as sure as (sum m)^2 / sum m^2 of one mass. */
    public function test_a_gram_beside_a_tonne_adds_nothing(): void
    {
        $alone = (new Moisture)->of([new Reading(RefractometerScale::Water, 17.0)]);
        $both = (new Moisture)->of([
            new Reading(RefractometerScale::Water, 17.0, massKg: 1000.0),
            new Reading(RefractometerScale::Water, 29.0, massKg: 0.001),
        ]);
        self::assertEqualsWithDelta($alone->interval()[0], $both->interval()[0], 0.01);
        self::assertEqualsWithDelta($alone->interval()[1], $both->interval()[1], 0.01);
        $equal = [new Reading(RefractometerScale::Water, 17.0, massKg: 3.0), new Reading(RefractometerScale::Water, 18.0, massKg: 3.0)];
        $plain = [new Reading(RefractometerScale::Water, 17.0), new Reading(RefractometerScale::Water, 18.0)];
        self::assertEqualsWithDelta(
            (new Moisture)->of($plain)->interval()[1],
            (new Moisture)->of($equal)->interval()[1],
            1e-9,
        );
        $this->expectException(InvalidInput::class);
        (new Moisture)->of([new Reading(RefractometerScale::Water, 17.0, massKg: 0.0)]);
    }
}
