<?php

declare(strict_types=1);

namespace Tests\Core;

use Marjoram\Core\HoneyRoom\Allotting;
use Marjoram\Core\HoneyRoom\SuperShare;
use Marjoram\Core\HoneyRoom\WeighedBucket;
use Marjoram\Core\InvalidInput;
use Marjoram\Core\Numerics\SeededRandom;
use PHPUnit\Framework\TestCase;

final class AllottingTest extends TestCase
{
    public function test_what_is_allotted_is_what_was_weighed(): void
    {
        $random = new SeededRandom(3);
        for ($case = 0; $case < 40; $case++) {
            $supers = [];
            for ($i = 0; $i < $random->integer(2, 9); $i++) {
                $supers[] =
                    $i % 4 === 3
                        ? SuperShare::weighed("s$i", "H$i", 20.0, 6.0)
                        : SuperShare::estimated(
                            "s$i",
                            'H'.$i % 3,
                            $random->between(5.0, 18.0),
                            $random->between(0.2, 2.0),
                        );
            }
            $buckets = [new WeighedBucket(90.0 + $random->between(0.0, 20.0), 1.2), new WeighedBucket(15.0, 1.2)];
            $result = (new Allotting)->allot($supers, $buckets, 0.5);
            self::assertEqualsWithDelta($result->totalKg, array_sum(array_column($result->supers, 'kg')), 1e-9);
            self::assertEqualsWithDelta($result->totalKg, array_sum(array_column($result->hives, 'kg')), 1e-9);
            self::assertEqualsWithDelta(1.0, array_sum(array_column($result->hives, 'share')), 1e-9);
        }
    }

    /** The conditioned normal worked out by hand for two supers: C = c^2 e e' + diag(s^2). */
    public function test_two_supers_by_hand(): void
    {
        $result = (new Allotting)->allot(
            [SuperShare::estimated('a', 'A', 10.0, 1.0), SuperShare::estimated('b', 'B', 20.0, 3.0)],
            [new WeighedBucket(34.2, 1.2)],
        );
        $c2 = 0.0144;
        [$rowA, $rowB] = [$c2 * 10 * 30 + 1.0, $c2 * 20 * 30 + 9.0];
        self::assertEqualsWithDelta(10.0 + ($rowA * 3.0) / ($rowA + $rowB), $result->hives['A']->kg, 1e-9);
        self::assertEqualsWithDelta(
            sqrt($c2 * 100 + 1.0 - $rowA ** 2 / ($rowA + $rowB)),
            $result->hives['A']->sdKg,
            1e-9,
        );
        self::assertEqualsWithDelta(33.0 / 30.0, (float) $result->measuredToEstimated, 1e-12);
    }

    public function test_a_bucket_under_its_tare_and_nothing_left_are_refused(): void
    {
        foreach (
            [
                static fn () => new WeighedBucket(1.0, 1.2),
                static fn () => (new Allotting)->allot(
                    [SuperShare::weighed('a', 'A', 20.0, 5.0), SuperShare::estimated('b', 'B', 10.0, 1.0)],
                    [new WeighedBucket(11.0, 1.0)],
                ),
                static fn () => (new Allotting)->allot([], [new WeighedBucket(11.0, 1.0)]),
                static fn () => SuperShare::weighed('a', 'A', 5.0, 6.0),
            ] as $bad
        ) {
            try {
                $bad();
                self::fail('It was taken.');
            } catch (InvalidInput $refusal) {
                self::assertNotSame('', $refusal->getMessage());
            }
        }
    }

    public function test_where_every_super_was_weighed_the_difference_belongs_to_no_hive(): void
    {
        $result = (new Allotting)->allot(
            [SuperShare::weighed('a', 'A', 20.0, 5.0), SuperShare::weighed('b', 'B', 18.0, 8.0)],
            [new WeighedBucket(25.0, 1.0)],
            0.3,
        );
        self::assertSame([15.0, 10.0], [$result->hives['A']->kg, $result->hives['B']->kg]);
        self::assertEqualsWithDelta(0.6, $result->hives['A']->share, 1e-12);
        self::assertEqualsWithDelta(24.3 - 25.0, $result->differenceKg, 1e-12);
    }

    public function test_no_super_gives_less_than_nothing(): void
    {
        $result = (new Allotting)->allot(
            [
                SuperShare::estimated('a', 'A', 14.0, 0.5),
                SuperShare::estimated('b', 'B', 3.0, 6.0),
                SuperShare::estimated('c', 'C', 12.0, 0.5),
            ],
            [new WeighedBucket(15.0, 1.0)],
        );
        self::assertSame(0.0, $result->hives['B']->kg);
        self::assertEqualsWithDelta(14.0, array_sum(array_column($result->hives, 'kg')), 1e-9);
        self::assertGreaterThan($result->hives['C']->kg, $result->hives['A']->kg);
        self::assertSame(0.0, $result->differenceKg);
    }
}
