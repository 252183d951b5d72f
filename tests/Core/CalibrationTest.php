<?php

declare(strict_types=1);

namespace Tests\Core;

use Marjoram\Core\Calibration\EyeCorrection;
use Marjoram\Core\Calibration\EyeTest;
use Marjoram\Core\Calibration\FillCalibration;
use Marjoram\Core\Calibration\InstrumentCheck;
use Marjoram\Core\Calibration\Weighing;
use Marjoram\Core\Comb\Face;
use Marjoram\Core\InvalidInput;
use Marjoram\Core\Moisture\Reading;
use Marjoram\Core\Moisture\RefractometerScale;
use Marjoram\Core\Moisture\Refractometry;
use Marjoram\Core\Numerics\SeededRandom;
use Marjoram\Core\Practise\PractiseFace;
use Marjoram\Core\Practise\PractiseScale;
use PHPUnit\Framework\TestCase;

/** Own weighings, a check sample and practice bring estimates nearer to the truth, on seasons that were held out. */
final class CalibrationTest extends TestCase
{
    public function test_the_fill_is_the_normal_normal_posterior(): void
    {
        $none = FillCalibration::of([]);
        self::assertSame([1.0, 0.12, 0], [$none->factor, round($none->sd, 12), $none->count]);
        self::assertEqualsWithDelta(0.12, $none->boxRelativeSd(), 1e-12);
        // By hand: one weighing, relative sd sqrt(0.08^2 + 0.01^2 + 0.05^2).
        $variance = 0.08 ** 2 + 0.01 ** 2 + 0.05 ** 2;
        $one = FillCalibration::of([new Weighing(10.0, 0.8, 8.8)]);
        self::assertEqualsWithDelta(
            (1.0 / 0.0144 + 0.88 / $variance) / (1.0 / 0.0144 + 1.0 / $variance),
            $one->factor,
            1e-12,
        );
        self::assertEqualsWithDelta(sqrt(1.0 / (1.0 / 0.0144 + 1.0 / $variance)), $one->sd, 1e-12);
        $many = FillCalibration::of(array_fill(0, 200, new Weighing(10.0, 0.8, 8.8)));
        self::assertEqualsWithDelta(0.88, $many->factor, 0.001);
        self::assertEqualsWithDelta(FillCalibration::BETWEEN_BOXES, $many->boxRelativeSd(), 0.001);
        $this->expectException(InvalidInput::class);
        new Weighing(0.0, 0.1, 1.0);
    }

    public function test_own_weighings_bring_held_out_seasons_nearer_to_the_scales(): void
    {
        $random = new SeededRandom(71);
        $before = $after = 0.0;
        for ($keeper = 0; $keeper < 200; $keeper++) {
            $fill = $random->normal(1.0, 0.12);
            $known = array_map(fn (): array => $this->superOf($fill, $random), range(1, 15));
            $calibration = FillCalibration::of(
                array_map(static fn (array $one): Weighing => new Weighing($one[0], 0.08 * $one[0], $one[1]), $known),
            );
            for ($n = 0; $n < 20; $n++) {
                [$estimate, $weighed] = $this->superOf($fill, $random);
                $before += ($estimate - $weighed) ** 2;
                $after += ($calibration->factor * $estimate - $weighed) ** 2;
            }
        }
        fwrite(
            STDERR,
            sprintf(
                ' [weighings: error of a held-out super %.2f kg before, %.2f kg after 15 weighed] ',
                sqrt($before / 4000),
                sqrt($after / 4000),
            ),
        );
        self::assertLessThan(0.75 * sqrt($before), sqrt($after));
    }

    public function test_a_check_sample_gives_the_offset_of_each_scale(): void
    {
        foreach (
            [
                [RefractometerScale::Water, 0.4, true],
                [RefractometerScale::Water, -0.3, false],
                [RefractometerScale::RefractiveIndex, 0.0012, false],
                [RefractometerScale::Brix, 0.5, true],
            ] as [$scale, $off, $compensated]
        ) {
            $shown = match ($scale) {
                RefractometerScale::Water => $compensated ? 18.0 : PractiseScale::shown(18.0, 27.0),
                RefractometerScale::RefractiveIndex => Refractometry::indexOfWater(18.0) - 7.0 * Refractometry::INDEX_PER_DEGREE,
                RefractometerScale::Brix => $this->brixOf(18.0),
            };
            $check = InstrumentCheck::of(
                [
                    new Reading($scale, $shown - $off, 27.0, $compensated),
                    new Reading($scale, $shown - $off, 27.0, $compensated),
                ],
                18.0,
            );
            self::assertEqualsWithDelta($off, $check->offset, 1e-6, $scale->value);
            self::assertEqualsWithDelta(
                18.0,
                (new Refractometry)->convert(new Reading($scale, $shown - $off, 27.0, $compensated, $check->offset))
                    ->waterPct,
                1e-6,
            );
        }
        $this->expectException(InvalidInput::class);
        InstrumentCheck::of([new Reading(RefractometerScale::Water, 29.0)], 12.0);
    }

    public function test_a_checked_instrument_reads_nearer_to_the_truth(): void
    {
        $random = new SeededRandom(5);
        $before = $after = 0.0;
        for ($n = 0; $n < 300; $n++) {
            $off = $random->normal(0.0, 0.4);
            $read = static fn (float $water): Reading => new Reading(
                RefractometerScale::Water,
                $water + $off + $random->normal(0.0, 0.15),
            );
            $check = InstrumentCheck::of([$read(17.0), $read(17.0), $read(17.0)], 17.0);
            $water = $random->between(15.5, 20.0);
            $reading = $read($water);
            $before += ($reading->value - $water) ** 2;
            $after += ($reading->value + $check->offset - $water) ** 2;
        }
        fwrite(
            STDERR,
            sprintf(
                ' [check sample: %.2f %% water off before, %.2f %% after] ',
                sqrt($before / 300),
                sqrt($after / 300),
            ),
        );
        self::assertLessThan(0.6 * sqrt($before), sqrt($after));
    }

    public function test_a_practised_eye_is_corrected_and_a_good_one_is_left_alone(): void
    {
        $random = new SeededRandom(8);
        $before = $after = $harm = 0.0;
        for ($person = 0; $person < 200; $person++) {
            [$offset, $slope] = [$random->normal(0.06, 0.05), $random->normal(1.0, 0.12)];
            $guess = static fn (float $truth): float => min(
                1.0,
                max(0.0, round(20.0 * (0.5 + $offset + $slope * ($truth - 0.5) + $random->normal(0.0, 0.06))) / 20.0),
            );
            $tries = [];
            for ($i = 0; $i < 20; $i++) {
                $truth = $random->between(0.02, 0.98);
                $tries[] = [$truth, $guess($truth)];
            }
            $eye = EyeTest::of($tries);
            for ($i = 0; $i < 30; $i++) {
                $truth = $random->between(0.02, 0.98);
                $seen = $guess($truth);
                $before += ($seen - $truth) ** 2;
                $after += ($eye->correction->share($seen) - $truth) ** 2;
            }
            $good = EyeCorrection::learn(
                array_map(
                    static fn (array $try): array => [$try[0], min(1.0, max(0.0, $try[0] + $random->normal(0.0, 0.05)))],
                    $tries,
                ),
            );
            $harm = max($harm, abs($good->offset));
        }
        fwrite(
            STDERR,
            sprintf(
                ' [eye: %.1f points off before, %.1f after 20 faces] ',
                100.0 * sqrt($before / 6000),
                100.0 * sqrt($after / 6000),
            ),
        );
        self::assertLessThan(0.85 * sqrt($before), sqrt($after));
        self::assertLessThan(0.05, $harm);
    }

    public function test_few_tries_change_little_and_ends_stay(): void
    {
        $one = EyeCorrection::learn([[0.5, 0.7]]);
        self::assertGreaterThan(-0.2, $one->offset);
        self::assertSame([0.0, 1.0], [$one->share(0.0), $one->share(1.0)]);
        $eye = new EyeCorrection(-0.05, 1.0);
        $face = $eye->face(new Face(0.6, 0.3, 0.1));
        self::assertEqualsWithDelta(0.55, $face->capped, 1e-12);
        self::assertEqualsWithDelta(0.35, $face->open, 1e-12);
        $up = (new EyeCorrection(0.1, 1.0))->face(new Face(0.5, 0.02, 0.45));
        self::assertEqualsWithDelta(0.55, $up->capped, 1e-12, 'no more than brood and pollen leave');
        self::assertSame(0.0, $up->open);
        self::assertSame(0, EyeTest::of([[0.4, 0.4]])->bias <=> 0.0);
    }

    public function test_practice_is_the_same_for_the_same_seed_and_the_share_is_the_drawings(): void
    {
        foreach ([1, 2, 77] as $seed) {
            $face = PractiseFace::draw($seed);
            self::assertEquals($face, PractiseFace::draw($seed));
            $counted = array_sum(
                array_map(
                    static fn (array $row): int => count(array_keys($row, PractiseFace::CAPPED, true)),
                    $face->cells,
                ),
            );
            self::assertEqualsWithDelta(
                $counted / (PractiseFace::ROWS * PractiseFace::COLUMNS),
                $face->cappedShare,
                1e-12,
            );
            $scale = PractiseScale::draw($seed);
            self::assertEqualsWithDelta($scale->waterPct, $scale->corrected($scale->shownPct), 1e-9);
        }
        // Warm honey bends less, so an uncorrected water scale shows more water (common practice: about 0.1 % a degree and more).
        self::assertGreaterThan(18.0, PractiseScale::shown(18.0, 30.0));
    }

    /** @return array{float, float} estimate and what the scales say */
    private function superOf(float $fill, SeededRandom $random): array
    {
        $estimate = $random->between(6.0, 17.0);

        return [
            $estimate,
            max(
                0.0,
                $estimate * $fill * (1.0 + $random->normal(0.0, 0.08)) * (1.0 + $random->normal(0.0, 0.05)) +
                    $random->normal(0.0, 0.1),
            ),
        ];
    }

    private function brixOf(float $water): float
    {
        [$lo, $hi] = [70.0, 90.0];
        for ($i = 0; $i < 60; $i++) {
            $mid = 0.5 * ($lo + $hi);
            [$lo, $hi] =
                (new Refractometry)->indexOfBrix($mid) < Refractometry::indexOfWater($water)
                    ? [$mid, $hi]
                    : [$lo, $mid];
        }

        return 0.5 * ($lo + $hi);
    }
}
