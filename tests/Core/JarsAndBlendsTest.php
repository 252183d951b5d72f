<?php

declare(strict_types=1);

namespace Tests\Core;

use Marjoram\Core\HoneyRoom\Blending;
use Marjoram\Core\HoneyRoom\Cappings;
use Marjoram\Core\HoneyRoom\JarGoal;
use Marjoram\Core\HoneyRoom\JarPlanner;
use Marjoram\Core\HoneyRoom\JarSize;
use Marjoram\Core\HoneyRoom\Prepack;
use Marjoram\Core\HoneyRoom\PrepackRule;
use Marjoram\Core\HoneyRoom\RoomAssumptions;
use Marjoram\Core\HoneyRoom\WetBucket;
use Marjoram\Core\InvalidInput;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What may be mixed, which jars are filled, and whether they hold what they say. */
final class JarsAndBlendsTest extends TestCase
{
    public function test_a_blend_takes_the_most_that_keeps_the_limit(): void
    {
        $random = new Randomizer(new Mt19937(18));
        for ($round = 0; $round < 200; $round++) {
            $buckets = [];
            for ($i = 0; $i < 4; $i++) {
                $buckets[] = new WetBucket("b$i", $random->getInt(0, 30), 16.0 + $random->getInt(0, 40) / 10.0);
            }
            $blend = (new Blending)->blend($buckets, 18.0);
            self::assertLessThanOrEqual(18.0 + 1e-9, $blend->waterPct ?? 0.0);
            $left = array_sum(array_map(static fn (WetBucket $one): float => $one->kg, $blend->left));
            $all = array_sum(array_map(static fn (WetBucket $one): float => $one->kg, $buckets));
            self::assertEqualsWithDelta($all, $blend->kg + $left, 1e-9, 'nothing is lost');
            // No whole-bucket choice with a tenth of each is better.
            self::assertGreaterThanOrEqual(self::byTenths($buckets, 18.0) - 1e-9, $blend->kg);
        }
        $wet = (new Blending)->blend([new WetBucket('wet', 20.0, 19.0)], 18.0);
        self::assertSame([0.0, null], [$wet->kg, $wet->waterPct]);
        $this->expectException(InvalidInput::class);
        (new Blending)->blend([], 5.0);
    }

    public function test_many_readings_even_out_and_the_instruments_error_stays(): void
    {
        foreach ([1, 4, 100] as $n) {
            $buckets = array_map(static fn (int $i): WetBucket => new WetBucket("b$i", 20.0, 17.0), range(1, $n));
            $blend = (new Blending)->blend($buckets, 18.0);
            self::assertEqualsWithDelta(sqrt(0.04 + 0.04 / $n), (new RoomAssumptions)->blendSdPct($blend), 1e-9);
        }
    }

    public function test_jar_plans_are_as_good_as_every_other(): void
    {
        $random = new Randomizer(new Mt19937(7));
        for ($round = 0; $round < 150; $round++) {
            $kinds = [];
            foreach ([50, 125, 250, 500, 900] as $i => $size) {
                $stock = $random->getInt(0, 5);
                $kinds[] = new JarSize("k$i", $size, $stock, $random->getInt(1, 900) / 100.0, $random->getInt(0, min(1, $stock)));
            }
            $kg = 2.0 + $random->getInt(0, 400) / 100.0;
            foreach (JarGoal::cases() as $goal) {
                $plan = (new JarPlanner)->plan($kg, $kinds, $goal, 0.0);
                [$best, $jars] = self::everyPlan((int) round($kg * 1000), $kinds, $goal);
                $got = $goal === JarGoal::LeastLeft ? round($kg * 1000) - $plan->leftG : $plan->value;
                self::assertEqualsWithDelta($best, $got, 1e-6, "round $round, $goal->value");
                self::assertSame($jars, $plan->jars(), 'of plans alike the one with fewer jars');
            }
        }
    }

    public function test_what_is_ordered_comes_first_or_is_refused_with_what_is_short(): void
    {
        $plan = (new JarPlanner)->plan(1.01, [new JarSize('l', 500, 9), new JarSize('s', 250, 9, mustFill: 1)], JarGoal::LeastLeft);
        self::assertSame([['l' => 1, 's' => 1], 249], [$plan->fill, $plan->leftG], '1 % sticks to the tank');
        self::assertSame([], (new JarPlanner)->plan(5.0, [], JarGoal::LeastLeft)->fill);
        try {
            (new JarPlanner)->plan(1.0, [new JarSize('l', 500, 9, mustFill: 3)], JarGoal::LeastLeft, 0.0);
            self::fail('refused');
        } catch (InvalidInput $refusal) {
            self::assertSame(500, $refusal->figures['short']);
        }
        $this->expectException(InvalidInput::class);
        new JarSize('x', 500, 2, mustFill: 3);
    }

    /** Council Directive 76/211/EEC, Annex I, 2.4 (from memory). */
    #[TestWith([50.0, 4.5])]
    #[TestWith([75.0, 4.5])]
    #[TestWith([125.0, 5.7])]
    #[TestWith([200.0, 9.0])]
    #[TestWith([250.0, 9.0])]
    #[TestWith([340.0, 10.2])]
    #[TestWith([500.0, 15.0])]
    #[TestWith([1000.0, 15.0])]
    #[TestWith([2500.0, 37.5])]
    public function test_tolerable_errors_are_the_directives(float $nominal, float $error): void
    {
        self::assertEqualsWithDelta($error, Prepack::tolerableErrorG($nominal), 1e-9);
    }

    public function test_the_three_rules_of_the_average_system(): void
    {
        $check = static fn (float ...$weights): array => (new Prepack)->check(500.0, array_values($weights))->broken();
        self::assertSame([], $check(500.0, 500.0, 502.0));
        self::assertSame([PrepackRule::Mean], $check(499.0, 500.0));
        self::assertSame([PrepackRule::Short], $check(484.9, 520.0));
        self::assertSame([PrepackRule::Short, PrepackRule::TwiceShort], $check(469.0, 540.0));
        // One of forty may be short.
        self::assertSame([], $check(484.0, ...array_fill(0, 39, 501.0)));
        self::assertSame([PrepackRule::Short], $check(484.0, ...array_fill(0, 38, 501.0)));
        $this->expectException(InvalidInput::class);
        (new Prepack)->check(500.0, []);
    }

    /** Common practice: 1 to 2 % of the honey. */
    public function test_wax_of_the_cappings(): void
    {
        $wax = new Cappings(150.0);
        self::assertEqualsWithDelta([1.5, 3.0], [$wax->leastKg, $wax->mostKg], 1e-9);
    }

    /** @param  list<WetBucket>  $buckets */
    private static function byTenths(array $buckets, float $limit): float
    {
        $best = 0.0;
        for ($n = 0; $n < 11 ** 4; $n++) {
            $kg = $water = 0.0;
            foreach ($buckets as $i => $bucket) {
                $part = $bucket->kg * (intdiv($n, 11 ** $i) % 11) / 10.0;
                $kg += $part;
                $water += $part * $bucket->waterPct;
            }
            $best = $water <= $limit * $kg + 1e-9 ? max($best, $kg) : $best;
        }

        return $best;
    }

    /**
     * @param  list<JarSize>  $kinds
     * @return array{float, int} the best score, and the fewest jars that reach it
     */
    private static function everyPlan(int $grams, array $kinds, JarGoal $goal): array
    {
        $best = [-1.0, 0];
        $try = static function (int $i, int $left, float $score, int $jars) use (&$try, &$best, $kinds, $goal): void {
            if ($i === count($kinds)) {
                if ($score > $best[0] + 1e-9 || (abs($score - $best[0]) < 1e-9 && $jars < $best[1])) {
                    $best = [$score, $jars];
                }

                return;
            }
            $kind = $kinds[$i];
            for ($n = $kind->mustFill; $n <= $kind->stock && $n * $kind->netG <= $left; $n++) {
                $worth = $goal === JarGoal::LeastLeft ? (float) $kind->netG : $kind->price ?? 0.0;
                $try($i + 1, $left - $n * $kind->netG, $score + $n * $worth, $jars + $n);
            }
        };
        $try(0, $grams, 0.0, 0);

        return $best;
    }
}
