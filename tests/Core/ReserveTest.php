<?php

declare(strict_types=1);

namespace Tests\Core;

use DateTimeImmutable;
use Marjoram\Core\InvalidInput;
use Marjoram\Core\Numerics\SeededRandom;
use Marjoram\Core\Reserve\BoxChoice;
use Marjoram\Core\Reserve\Reserve;
use Marjoram\Core\Reserve\StoredBox;
use Marjoram\Core\Reserve\Winter;
use Marjoram\Core\Reserve\WinterUse;
use PHPUnit\Framework\TestCase;

final class ReserveTest extends TestCase
{
    private const SOUTH_SWEDEN = [0.5, 0.5, 2.5, 7.0, 12.0, 15.5, 17.5, 17.0, 13.5, 9.0, 5.0, 2.0];

    public function test_the_expected_use_is_the_sum_of_its_days(): void
    {
        // Above the threshold all winter, no spread: 1.2 kg a month, and brood 1, 3 and 5 in the last 90 days.
        $use = new WinterUse(
            new Winter(
                new DateTimeImmutable('2026-10-01'),
                new DateTimeImmutable('2027-04-19'),
                0.0,
                array_fill(0, 12, 12.0),
                0.0,
            ),
        );
        self::assertEqualsWithDelta((200 * 1.2) / 30 + 9.0, array_sum($use->kgByMonth), 1e-9);
    }

    public function test_need_grows_with_cold_strength_length_and_confidence(): void
    {
        $need = function (array $climate, float $bees, string $flow, float $confidence): float {
            $use = new WinterUse(
                new Winter(new DateTimeImmutable('2026-10-01'), new DateTimeImmutable($flow), 10.0, $climate),
            );

            return (new Reserve)->assess($use, $bees, [new StoredBox('b', 10.0, 1.0, true)], confidence: $confidence)
                ->needQuantileKg;
        };
        $colder = array_map(static fn (float $mean): float => $mean - 5.0, self::SOUTH_SWEDEN);
        $base = $need(self::SOUTH_SWEDEN, 9.0, '2027-04-20', 0.95);
        self::assertGreaterThan($base, $need($colder, 9.0, '2027-04-20', 0.95));
        self::assertGreaterThan($base, $need(self::SOUTH_SWEDEN, 12.0, '2027-04-20', 0.95));
        self::assertGreaterThan($base, $need(self::SOUTH_SWEDEN, 9.0, '2027-05-10', 0.95));
        self::assertGreaterThan($base, $need(self::SOUTH_SWEDEN, 9.0, '2027-04-20', 0.99));
    }

    public function test_the_boxes_kept_are_the_best_of_all_sets(): void
    {
        $random = new SeededRandom(11);
        for ($case = 0; $case < 60; $case++) {
            $boxes = [new StoredBox('brood', $random->between(4.0, 14.0), 0.0, true)];
            for ($i = 0; $i < $random->integer(1, 5); $i++) {
                $boxes[] = new StoredBox(
                    "s$i",
                    round($random->between(2.0, 18.0), 1),
                    0.0,
                    false,
                    $random->chance(0.8),
                );
            }
            $need = $random->between(8.0, 40.0);
            self::assertEqualsWithDelta(
                $this->bruteForce($boxes, $need),
                self::honey(BoxChoice::least($boxes, $need)),
                1e-9,
            );
        }
    }

    public function test_a_shortfall_becomes_sugar_and_syrup(): void
    {
        $use = new WinterUse(
            new Winter(
                new DateTimeImmutable('2026-10-01'),
                new DateTimeImmutable('2027-04-20'),
                10.0,
                self::SOUTH_SWEDEN,
            ),
        );
        $result = (new Reserve)->assess($use, 9.0, [new StoredBox('b', 8.0, 1.0, true)], storesPerSugar: 0.8);
        self::assertEqualsWithDelta($result->needQuantileKg - 8.0, $result->shortfallKg, 1e-9);
        self::assertEqualsWithDelta($result->shortfallKg / 0.8, $result->sugarKg, 1e-9);
        self::assertEqualsWithDelta(1.12 * $result->sugarKg, $result->syrupL, 1e-9);
        self::assertLessThan(0.05, $result->pEnough);
    }

    public function test_a_first_flow_before_the_start_is_refused(): void
    {
        $this->expectException(InvalidInput::class);
        new Winter(new DateTimeImmutable('2026-10-01'), new DateTimeImmutable('2026-04-20'), 10.0, self::SOUTH_SWEDEN);
    }

    /** @param  list<StoredBox>  $boxes */
    private static function honey(array $boxes): float
    {
        return array_sum(array_map(static fn (StoredBox $box): float => $box->honeyKg, $boxes));
    }

    /** @param  list<StoredBox>  $boxes */
    private function bruteForce(array $boxes, float $need): float
    {
        $best = INF;
        $all = 0.0;
        for ($set = 0; $set < 2 ** count($boxes); $set++) {
            $chosen = [];
            $allowed = true;
            foreach ($boxes as $i => $box) {
                $in = (($set >> $i) & 1) === 1;
                $allowed = $allowed && ($in || ! $box->brood) && (! $in || $box->brood || $box->ripe);
                $chosen = $in ? [...$chosen, $box] : $chosen;
            }
            if ($allowed) {
                $honey = self::honey($chosen);
                $all = max($all, $honey);
                $best = $honey >= $need ? min($best, $honey) : $best;
            }
        }

        return is_finite($best) ? $best : $all;
    }
}
