<?php

declare(strict_types=1);

namespace Tests\Core;

use DateTimeImmutable;
use Marjoram\Core\InvalidInput;
use Marjoram\Core\Numerics\SeededRandom;
use Marjoram\Core\Reserve\Climate;
use Marjoram\Core\Reserve\ColonyNeed;
use Marjoram\Core\Reserve\HiveWeight;
use Marjoram\Core\Reserve\Reserve;
use Marjoram\Core\Reserve\StoredBox;
use Marjoram\Core\Reserve\StoresOn;
use Marjoram\Core\Reserve\UseCalibration;
use Marjoram\Core\Reserve\UseObservation;
use Marjoram\Core\Reserve\UsePaths;
use Marjoram\Core\Reserve\Winter;
use Marjoram\Core\Reserve\WinterSchool;
use Marjoram\Core\Reserve\WinterUse;
use PHPUnit\Framework\TestCase;

/** Schools, weighing, stores through the winter, and what weighings teach. */
final class WinterStoresTest extends TestCase
{
    public function test_the_schools_differ_in_what_stays_and_in_nothing_else(): void
    {
        $boxes = [
            new StoredBox('deep', 12.0, 1.0, true),
            new StoredBox('low', 9.0, 1.0, false),
            new StoredBox('full', 17.0, 1.0, false),
            new StoredBox('wet', 18.0, 1.0, false, false),
        ];
        $use = new WinterUse($this->winter());
        $kept = [];
        foreach (WinterSchool::cases() as $school) {
            $result = (new Reserve)->assess(new ColonyNeed($use, 9.0), $boxes, school: $school, boxRule: 2);
            $kept[$school->value] = $result->keep;
            self::assertEqualsCanonicalizing(['deep', 'low', 'full', 'wet'], [...$result->keep, ...$result->mayTake]);
            self::assertSame($result->pEnough < 0.95, $result->shortfallKg > 0.002, $school->value);
            self::assertSame(0.0, min($result->shortfallKg, $result->spareKg));
        }
        self::assertSame(
            [
                // The wet super stays anyway, and what it holds is enough beside the brood box.
                'computed' => ['deep', 'wet'],
                'full-super' => ['deep', 'full', 'wet'],
                'box-rule' => ['deep', 'low', 'wet'],
                'take-all' => ['deep', 'wet'],
                'leave-all' => ['deep', 'low', 'full', 'wet'],
            ],
            $kept,
        );
        self::assertSame(
            ['deep'],
            (new Reserve)->assess(new ColonyNeed($use, 9.0), [$boxes[0]], school: WinterSchool::FullSuper)->keep,
            'where there is no super none can stay',
        );
        $this->expectException(InvalidInput::class);
        (new Reserve)->assess(new ColonyNeed($use, 9.0), $boxes, boxRule: 0);
    }

    public function test_a_hive_weighed_is_its_parts_and_its_stores(): void
    {
        $tare = 7.5 + 5.2 + HiveWeight::FLOOR_AND_ROOF_KG + 9.0 * HiveWeight::BEES_KG_PER_FRAME + HiveWeight::POLLEN_KG;
        foreach (
            [
                ['whole', [$tare + 18.0]],
                ['both-sides', [0.55 * ($tare + 18.0), 0.45 * ($tare + 18.0)]],
                ['one-side', [0.5 * ($tare + 18.0), 0.5 * ($tare + 18.0)]],
            ] as [$how, $readings]
        ) {
            $weight = HiveWeight::of($how, $readings, [7.5, 5.2], 9.0);
            self::assertEqualsWithDelta(18.0, $weight->storesKg, 1e-9, $how);
            self::assertEqualsWithDelta($tare, $weight->tareKg, 1e-9);
            $sd[] = $weight->sdKg;
        }
        self::assertGreaterThan($sd[0], $sd[1]);
        self::assertGreaterThan($sd[1], $sd[2]);
        foreach (
            [['whole', [20.0, 20.0]], ['one-side', [20.0]], ['whole', [-3.0]], ['whole', [8.0]]] as [$how, $readings]
        ) {
            try {
                HiveWeight::of($how, $readings, [7.5, 5.2], 9.0);
                self::fail("$how took ".implode(', ', $readings));
            } catch (InvalidInput $refusal) {
                self::assertStringStartsWith('/readings', $refusal->pointer);
            }
        }
        $this->expectException(InvalidInput::class);
        HiveWeight::of('whole', [40.0], [], 9.0);
    }

    public function test_paths_and_winters_are_one_model(): void
    {
        $winter = $this->winter();
        $paths = new UsePaths($winter);
        [$mean, $sd] = $paths->between($winter->from, $winter->firstFlow->modify('+60 days'));
        $use = new WinterUse($winter, 0.0);
        self::assertEqualsWithDelta(1.0, $mean / $use->meanKg, 0.02);
        self::assertEqualsWithDelta(1.0, $sd / $use->sdKg, 0.12);
        // Nothing is made or lost between two stretches.
        $middle = new DateTimeImmutable('2027-01-17');
        self::assertEqualsWithDelta(
            $mean,
            $paths->between($winter->from, $middle)[0] +
                $paths->between($middle, $winter->firstFlow->modify('+60 days'))[0],
            1e-9,
        );
        self::assertSame(
            0.0,
            $paths->between(new DateTimeImmutable('2026-08-01'), new DateTimeImmutable('2026-09-01'))[0],
        );
        $this->expectException(InvalidInput::class);
        $paths->between($middle, $winter->from);
    }

    public function test_stores_carried_forward_grow_doubtful_and_run_out_by_a_date(): void
    {
        $paths = new UsePaths($this->winter());
        $from = new DateTimeImmutable('2026-10-01');
        $stores = $paths->stores($from, 12.0, 1.0, 1.0);
        self::assertEqualsWithDelta(12.0, $stores[0]->middle, 1e-9);
        $width = array_map(
            static fn (StoresOn $point): float => $point->high - $point->low,
            array_slice($stores, 0, 15),
        );
        $sorted = $width;
        sort($sorted);
        self::assertSame($sorted, $width, 'the band only widens');
        $left = array_column($stores, 'pLeft');
        $falling = $left;
        rsort($falling);
        self::assertSame($falling, $left);
        $early = UsePaths::runsOut($stores);
        self::assertNotNull($early);
        self::assertGreaterThan($early, UsePaths::runsOut($paths->stores($from, 16.0, 1.0, 1.0)));
        self::assertNull(UsePaths::runsOut($paths->stores($from, 40.0, 1.0, 1.0)));
        self::assertLessThan($early, UsePaths::runsOut($paths->stores($from, 12.0, 1.0, 1.4)));
    }

    public function test_weighings_teach_a_hive_much_and_its_yard_less(): void
    {
        $one = UseCalibration::of(['A1' => [new UseObservation(7.5, 0.5, 5.0)]]);
        self::assertGreaterThan($one->factor, $one->factorOf('A1'));
        self::assertGreaterThan(1.0, $one->factor);
        self::assertLessThan(1.5, $one->factorOf('A1'));
        self::assertSame($one->factor, $one->factorOf('A2'));
        self::assertSame(1.0, UseCalibration::of([])->factorOf('A2'));
        $this->expectException(InvalidInput::class);
        UseCalibration::of(['A1' => [new UseObservation(1.0, 0.5, 0.0)]]);
    }

    /** A hundred invented yards with factors of their own: the next winter is foretold better with what was learnt. */
    public function test_learnt_factors_foretell_the_next_winter_better(): void
    {
        $random = new SeededRandom(41);
        $before = $after = 0.0;
        for ($yard = 0; $yard < 100; $yard++) {
            $factor = $random->normal(1.0, 0.15);
            $hives = $observed = [];
            for ($n = 0; $n < 8; $n++) {
                $hives["h$n"] = $factor + $random->normal(0.0, 0.1);
                if ($n < 5) {
                    $calculated = $random->between(6.0, 12.0);
                    $observed["h$n"] = [
                        new UseObservation(
                            $hives["h$n"] * $calculated * (1.0 + $random->normal(0.0, 0.06)) + $random->normal(0.0, 1.2),
                            1.2,
                            $calculated,
                        ),
                    ];
                }
            }
            $learnt = UseCalibration::of($observed);
            foreach ($hives as $hive => $true) {
                $before += (1.0 - $true) ** 2;
                $after += ($learnt->factorOf($hive) - $true) ** 2;
            }
        }
        fwrite(
            STDERR,
            sprintf(
                ' [winter use: %.0f %% off before, %.0f %% after one winter of weighings] ',
                100.0 * sqrt($before / 800),
                100.0 * sqrt($after / 800),
            ),
        );
        self::assertLessThan(0.7 * sqrt($before), sqrt($after));
    }

    public function test_a_climate_that_is_not_known_is_refused(): void
    {
        $this->expectException(InvalidInput::class);
        Climate::preset('lunar');
    }

    private function winter(): Winter
    {
        return new Winter(
            new DateTimeImmutable('2026-10-01'),
            new DateTimeImmutable('2027-04-20'),
            10.0,
            Climate::preset('baltic-south')->monthlyMeanC,
        );
    }
}
