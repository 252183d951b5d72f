<?php

declare(strict_types=1);

namespace Tests\Core;

use DateTimeImmutable;
use DateTimeZone;
use Marjoram\Core\Flow\Filter\LoggedHandling;
use Marjoram\Core\Flow\Filter\MeanOfScales;
use Marjoram\Core\Flow\ScaleReading;
use Marjoram\Core\Flow\Thinning;
use Marjoram\Core\Numerics\SeededRandom;
use PHPUnit\Framework\TestCase;

final class ScaleSeriesTest extends TestCase
{
    public function test_thinned_series_keep_first_last_least_and_most_of_each_column(): void
    {
        $random = new SeededRandom(4);
        for ($trial = 0; $trial < 20; $trial++) {
            $at = $values = [];
            $time = 0;
            $kg = 40.0;
            for ($i = 0; $i < 3000; $i++) {
                $time += $random->integer(1, 1800);
                $kg += $random->normal(0.0, 0.2);
                [$at[], $values[]] = [$time, $kg];
            }
            $columns = $random->integer(1, 90);
            $thin = Thinning::m4($at, $values, 0, $time + 1, $columns);
            self::assertLessThanOrEqual(4 * $columns, count($thin));
            self::assertSame($at[0], $thin[0][0]);
            self::assertSame($time, $thin[count($thin) - 1][0]);
            $kept = $all = [];
            foreach ($thin as [$when, $value]) {
                $kept[(int) ($when / (($time + 1) / $columns))][] = $value;
            }
            foreach ($at as $i => $when) {
                $all[(int) ($when / (($time + 1) / $columns))][] = $values[$i];
            }
            foreach ($all as $column => $of) {
                self::assertSame([min($of), max($of)], [min($kept[$column]), max($kept[$column])]);
                self::assertSame([$of[0], end($of)], [$kept[$column][0], end($kept[$column])]);
            }
        }
        self::assertSame([], Thinning::m4([], [], 0, 1, 5));
    }

    public function test_two_scales_are_judged_by_the_mean_of_what_both_tell(): void
    {
        $zone = new DateTimeZone('Europe/Stockholm');
        $now = new DateTimeImmutable('2026-07-20 20:00', $zone);
        $series = static function (array $gains) use ($zone): array {
            $kg = 40.0;
            $readings = [new ScaleReading(new DateTimeImmutable('2026-07-01', $zone), $kg)];
            foreach ($gains as $i => $gain) {
                $kg += $gain;
                $readings[] = new ScaleReading((new DateTimeImmutable('2026-07-01', $zone))->modify('+'.($i + 1).' days'), $kg);
            }

            return $readings;
        };
        $mean = MeanOfScales::of(
            [$series([1.0, 2.0, 3.0, 0.5]), $series([0.0, 1.0])],
            [[new LoggedHandling(new DateTimeImmutable('2026-07-02 12:00', $zone))], []],
            $now,
            $zone,
        );
        $made = array_map(static fn (ScaleReading $one): float => round($one->kg - 100.0, 6), $mean->readings);
        // The first hive was opened on the second day: the other tells alone.
        self::assertSame([0.0, 0.5, 1.5, 4.5, 5.0], $made);
        self::assertSame([], $mean->logged);
        self::assertArrayNotHasKey('2026-07-02', $mean->gains[0]);
        self::assertSame(['2026-07-01' => 0.0, '2026-07-02' => 1.0], $mean->gains[1]);
        self::assertSame([], MeanOfScales::of([[]], [], $now, $zone)->readings);
    }
}
