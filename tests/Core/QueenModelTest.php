<?php

declare(strict_types=1);

namespace Tests\Core;

use Marjoram\Core\InvalidInput;
use Marjoram\Core\Numerics\Brent;
use Marjoram\Core\Numerics\SeededRandom;
use Marjoram\Core\Numerics\SparseFactor;
use Marjoram\Core\Numerics\SparseOrder;
use Marjoram\Core\Yields\Merit\BestShare;
use Marjoram\Core\Yields\Merit\QueenAdvice;
use Marjoram\Core\Yields\Merit\QueenMerit;
use Marjoram\Core\Yields\Merit\QueenModel;
use Marjoram\Core\Yields\Merit\YieldScale;
use Marjoram\Core\Yields\YieldRecord;
use PHPUnit\Framework\TestCase;

final class QueenModelTest extends TestCase
{
    public function test_a_daughter_without_a_season_is_half_her_mother(): void
    {
        $merits = (new QueenModel)->fit($this->twoLines(), ['young' => 'good', 'other' => 'bad']);
        $of = $this->byName($merits->all);
        self::assertGreaterThan(3.0, $of['good']->merit);
        self::assertEqualsWithDelta(0.5 * $of['good']->merit, $of['young']->merit, 1e-6);
        self::assertEqualsWithDelta(0.5 * $of['bad']->merit, $of['other']->merit, 1e-6);
        self::assertSame([0, 0, 4], [$of['young']->records, $of['young']->daughters, $of['good']->records]);
        self::assertGreaterThan($of['good']->sd, $of['young']->sd);
        self::assertSame(['good', 'bad'], [$merits->all[0]->queen, $merits->all[count($merits->all) - 1]->queen]);
    }

    public function test_what_cannot_be_told_is_said(): void
    {
        $model = new QueenModel;
        $one = [new YieldRecord('H1', 'Y', 2025, 'a', 20.0, swarmed: true), new YieldRecord('H2', 'Y', 2025, 'b', 30.0)];
        $merits = $model->fit($one);
        self::assertFalse($merits->isAnyDifferenceSeen());
        self::assertSame(['split'], $merits->dropped);
        self::assertSame([QueenAdvice::Unknown, QueenAdvice::Unknown], array_column($merits->all, 'advice'));
        // A queen without a name counts for her yard and is no queen of the answer.
        $unnamed = [...$this->twoLines(), new YieldRecord('H9', 'Y', 2022, null, 90.0)];
        self::assertArrayNotHasKey('', $this->byName($model->fit($unnamed)->all));
        self::assertLessThan(
            $this->byName($model->fit($this->twoLines())->all)['good']->merit,
            $this->byName($model->fit($unnamed)->all)['good']->merit,
        );
    }

    public function test_no_queen_is_her_own_foremother(): void
    {
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessage('descends from herself');
        (new QueenModel)->fit($this->twoLines(), ['good' => 'bad', 'bad' => 'young', 'young' => 'good']);
    }

    public function test_the_best_are_those_whom_draws_find(): void
    {
        $random = new SeededRandom(3);
        foreach ([12, 90] as $n) {
            $merits = $sds = [];
            for ($i = 0; $i < $n; $i++) {
                $merits[] = $random->normal(0.0, 4.0);
                $sds[] = $random->between(1.0, 5.0);
            }
            $got = BestShare::of($merits, $sds, 0.1);
            self::assertEqualsWithDelta(max(1, round(0.1 * $n)), array_sum($got), 0.05);
            $hits = array_fill(0, $n, 0);
            for ($draw = 0; $draw < 4000; $draw++) {
                $values = array_map(static fn (float $m, float $sd): float => $random->normal($m, $sd), $merits, $sds);
                arsort($values);
                foreach (array_slice(array_keys($values), 0, (int) max(1, round(0.1 * $n))) as $best) {
                    $hits[$best]++;
                }
            }
            foreach ($hits as $i => $times) {
                self::assertEqualsWithDelta($times / 4000, $got[$i], 0.035, "of $n, $i");
            }
        }
    }

    public function test_sparse_systems_as_a_dense_one(): void
    {
        $random = new SeededRandom(9);
        $n = 30;
        $dense = array_fill(0, $n, array_fill(0, $n, 0.0));
        $entries = [];
        for ($k = 0; $k < 50; $k++) {
            [$i, $j] = [$random->integer(0, $n - 1), $random->integer(0, $n - 1)];
            if ($i !== $j) {
                $value = $random->normal();
                $entries[] = [$i, $j, $value];
                $dense[$i][$j] = $dense[$j][$i] = $dense[$i][$j] + $value;
            }
        }
        for ($i = 0; $i < $n; $i++) {
            $dense[$i][$i] = 1.0 + array_sum(array_map(abs(...), $dense[$i]));
        }
        $diagonal = array_map(static fn (int $i): float => $dense[$i][$i], range(0, $n - 1));
        $factor = new SparseFactor(new SparseOrder($n, $entries), $diagonal, $entries);
        $inverse = $factor->inverseDiagonal();
        for ($i = 0; $i < $n; $i++) {
            $unit = array_fill(0, $n, 0.0);
            $unit[$i] = 1.0;
            $column = $factor->solve($unit);
            self::assertEqualsWithDelta($column[$i], $inverse[$i], 1e-12);
            foreach ($dense as $r => $row) {
                $product = array_sum(array_map(static fn (float $a, float $b): float => $a * $b, $row, $column));
                self::assertEqualsWithDelta($unit[$r], $product, 1e-10);
            }
        }
    }

    public function test_the_least_value_of_a_function(): void
    {
        $asked = 0;
        $of = static function (float $x) use (&$asked): float {
            $asked++;

            return ($x - 1.3) ** 4 + 2.0 * ($x - 1.3) ** 2 + 0.3 * $x;
        };
        [$x] = (new Brent(1e-5))->least($of, -9.0, 9.0, -4.0);
        self::assertEqualsWithDelta(0.0, 4.0 * ($x - 1.3) ** 3 + 4.0 * ($x - 1.3) + 0.3, 1e-3);
        self::assertLessThan(25, $asked);
        [$end] = (new Brent(1e-5))->least(static fn (float $x): float => $x, -3.0, 2.0, 1.0);
        self::assertEqualsWithDelta(-3.0, $end, 1e-3);
    }

    /**
     * Operations of 60 hives over five seasons, queens bred from the better ones as people do, yields with a swarm's
     * and a split's cost. What queens are is known here.
     */
    public function test_predictions_come_near_to_what_queens_are(): void
    {
        $random = new SeededRandom(77);
        $within = $queens = $requeen = $requeenWrong = $breed = $breedRight = 0;
        $of = ['pedigree' => [], 'alone' => [], 'means' => []];
        for ($operation = 0; $operation < 24; $operation++) {
            $world = new QueenWorld($random);
            $alive = $world->alive();
            $with = $this->byName((new QueenModel)->fit($world->records, $world->mothers, YieldScale::Kg, $alive)->all);
            $alone = $this->byName((new QueenModel)->fit($world->records, [], YieldScale::Kg, $alive)->all);
            $means = $world->means();
            $true = array_map(static fn (string $queen): float => $world->merit[$queen], $alive);
            $best = $true;
            rsort($best);
            $of['pedigree'][] = self::correlation($true, array_map(fn ($queen) => $with[$queen]->merit, $alive));
            $of['alone'][] = self::correlation($true, array_map(fn ($queen) => $alone[$queen]->merit ?? 0.0, $alive));
            $of['means'][] = self::correlation($true, array_map(fn ($queen) => $means[$queen] ?? 0.0, $alive));
            foreach ($alive as $queen) {
                $queens++;
                $known = $with[$queen];
                $within += (int) (abs($known->merit - $world->merit[$queen]) <= 1.645 * max(1e-9, $known->sd));
                if ($known->advice === QueenAdvice::Requeen) {
                    $requeen++;
                    $requeenWrong += (int) ($world->merit[$queen] > $world->yardsMean($queen));
                }
                if ($known->advice === QueenAdvice::Breed) {
                    $breed++;
                    $breedRight += (int) ($world->merit[$queen] >= $best[intdiv(count($best), 4) - 1]);
                }
            }
        }
        $mean = array_map(static fn (array $one): float => array_sum($one) / count($one), $of);
        fwrite(STDERR, sprintf(
            "\nqueens: correlation with what they are: pedigree %.3f, alone %.3f, plain means %.3f; 90 %% ranges hold "
                ."%.1f %%; requeen wrong %d of %d, breed from right %d of %d\n",
            $mean['pedigree'],
            $mean['alone'],
            $mean['means'],
            100.0 * $within / $queens,
            $requeenWrong,
            $requeen,
            $breedRight,
            $breed,
        ));
        self::assertGreaterThan($mean['alone'], $mean['pedigree']);
        self::assertGreaterThan($mean['means'], $mean['alone']);
        self::assertGreaterThanOrEqual(0.86, $within / $queens);
        self::assertLessThanOrEqual(0.94, $within / $queens);
        self::assertGreaterThan(30, $requeen);
        self::assertLessThanOrEqual(0.10, $requeenWrong / $requeen);
        self::assertGreaterThan(20, $breed);
        self::assertGreaterThanOrEqual(0.70, $breedRight / $breed);
    }

    public function test_the_logarithm_where_good_hives_differ_more(): void
    {
        $random = new SeededRandom(12);
        $even = $skewed = [];
        for ($n = 0; $n < 160; $n++) {
            [$hive, $season, $queen] = ['H'.$n % 40, 2022 + intdiv($n, 40), 'q'.$n % 40];
            $even[] = new YieldRecord($hive, 'Y', $season, $queen, max(0.0, $random->normal(40.0, 9.0)));
            $skewed[] = new YieldRecord($hive, 'Y', $season, $queen, exp($random->normal(3.2, 0.7)));
        }
        $model = new QueenModel;
        self::assertTrue($model->fit($even)->isLikelierThan($model->fit($even, [], YieldScale::Log)));
        self::assertTrue($model->fit($skewed, [], YieldScale::Log)->isLikelierThan($model->fit($skewed)));
        self::assertEqualsWithDelta(30.0 * (exp(0.1) - 1.0), YieldScale::Log->merit(0.1, 29.0), 1e-9);
    }

    /** @return list<YieldRecord> two hives beside six others over four seasons */
    private function twoLines(): array
    {
        $records = [];
        foreach ([2022, 2023, 2024, 2025] as $s => $season) {
            foreach (['good' => 45.0, 'bad' => 15.0, 'c' => 30.0, 'd' => 31.0, 'e' => 28.0, 'f' => 33.0] as $queen => $kg) {
                $records[] = new YieldRecord("H$queen", 'Y', $season, $queen, $kg + 3.0 * (($s + strlen($queen)) % 3));
            }
        }

        return $records;
    }

    /**
     * @param  list<QueenMerit>  $all
     * @return array<string, QueenMerit>
     */
    private function byName(array $all): array
    {
        return array_column($all, null, 'queen');
    }

    /**
     * @param  list<float>  $a
     * @param  list<float>  $b
     */
    private static function correlation(array $a, array $b): float
    {
        [$meanA, $meanB] = [array_sum($a) / count($a), array_sum($b) / count($b)];
        $ab = $aa = $bb = 0.0;
        foreach ($a as $i => $value) {
            $ab += ($value - $meanA) * ($b[$i] - $meanB);
            $aa += ($value - $meanA) ** 2;
            $bb += ($b[$i] - $meanB) ** 2;
        }

        return $aa * $bb > 0.0 ? $ab / sqrt($aa * $bb) : 0.0;
    }
}
