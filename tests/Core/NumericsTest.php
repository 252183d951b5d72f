<?php

declare(strict_types=1);

namespace Tests\Core;

use Marjoram\Core\Numerics\Beta;
use Marjoram\Core\Numerics\Cholesky;
use Marjoram\Core\Numerics\CutNormal;
use Marjoram\Core\Numerics\GaussHermite;
use Marjoram\Core\Numerics\GaussLegendre;
use Marjoram\Core\Numerics\LinearTable;
use Marjoram\Core\Numerics\NaturalCubicSpline;
use Marjoram\Core\Numerics\Normal;
use Marjoram\Core\Numerics\SeededRandom;
use Marjoram\Core\Numerics\StudentT;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class NumericsTest extends TestCase
{
    /** Abramowitz and Stegun, Handbook of Mathematical Functions (1964), table 26.1. */
    #[TestWith([0.0, 0.5])]
    #[TestWith([1.0, 0.841344746068543])]
    #[TestWith([-1.96, 0.02499789514822])]
    #[TestWith([3.0, 0.99865010196837])]
    public function test_normal_cdf_agrees_with_the_published_table(float $z, float $p): void
    {
        self::assertEqualsWithDelta($p, Normal::cdf($z), 1e-13);
        self::assertEqualsWithDelta($z, Normal::quantile($p), 1e-10);
    }

    /** Critical values of Student's t, Abramowitz and Stegun, table 26.10. */
    #[TestWith([0.975, 4.0, 2.776])]
    #[TestWith([0.975, 10.0, 2.228])]
    #[TestWith([0.95, 1.0, 6.314])]
    public function test_student_quantiles_agree_with_the_published_table(float $p, float $v, float $t): void
    {
        self::assertEqualsWithDelta($t, StudentT::quantile($p, $v), 5e-4);
        self::assertEqualsWithDelta($p, StudentT::cdf(StudentT::quantile($p, $v), $v), 1e-10);
    }

    public function test_beta_has_its_closed_forms(): void
    {
        self::assertEqualsWithDelta(0.3 ** 4, Beta::cdf(0.3, 4.0, 1.0), 1e-12);
        self::assertEqualsWithDelta(1.0 - 0.7 ** 3, Beta::cdf(0.3, 1.0, 3.0), 1e-12);
        self::assertEqualsWithDelta((2.0 / M_PI) * asin(sqrt(0.2)), Beta::cdf(0.2, 0.5, 0.5), 1e-12);
    }

    public function test_hermite_quadrature_is_exact_for_polynomials(): void
    {
        $rule = new GaussHermite(20);
        self::assertEqualsWithDelta(1.0, array_sum($rule->weights), 1e-12);
        self::assertEqualsWithDelta(105.0, $rule->expect(static fn (float $z): float => $z ** 8, 0.0, 1.0), 1e-8);
        self::assertEqualsWithDelta(exp(0.5), $rule->expect(exp(...), 0.0, 1.0), 1e-10);
    }

    /** Abramowitz and Stegun, table 25.4: the first node and weight of eight points. */
    public function test_legendre_quadrature_has_the_published_nodes_and_is_exact_for_polynomials(): void
    {
        $rule = new GaussLegendre(8);
        self::assertEqualsWithDelta(0.960289856497536, $rule->nodes[7], 1e-12);
        self::assertEqualsWithDelta(0.101228536290376, $rule->weights[7], 1e-12);
        $sum = 0.0;
        foreach ($rule->nodes as $i => $x) {
            $sum += $rule->weights[$i] * $x ** 14;
        }
        self::assertEqualsWithDelta(2.0 / 15.0, $sum, 1e-12);
    }

    public function test_a_factor_solves_inverts_and_gives_the_determinant(): void
    {
        $matrix = [[4.0, 2.0, 0.6], [2.0, 3.0, 0.4], [0.6, 0.4, 2.0]];
        $factor = Cholesky::of($matrix);
        $x = $factor->solve([1.0, -2.0, 0.5]);
        foreach ([1.0, -2.0, 0.5] as $i => $right) {
            $sum = 0.0;
            foreach ($matrix[$i] as $j => $one) {
                $sum += $one * $x[$j];
            }
            self::assertEqualsWithDelta($right, $sum, 1e-12);
        }
        // By hand: 4 x 5.84 - 2 x 3.76 + 0.6 x (0.8 - 1.8).
        self::assertEqualsWithDelta(log(15.24), $factor->logDeterminant(), 1e-12);
        self::assertEqualsWithDelta(5.84 / 15.24, $factor->inverse()[0][0], 1e-12);
        self::assertEqualsWithDelta(-3.76 / 15.24, $factor->inverse()[1][0], 1e-12);
    }

    public function test_what_is_left_of_an_error_at_an_edge_is_what_a_sum_finds(): void
    {
        $cut = new CutNormal;
        foreach ([0.0, 0.4375, 1.3, 2.9, 5.0] as $z) {
            [$mean, $square] = [0.0, 0.0];
            for ($e = -7.0; $e <= 7.0; $e += 0.001) {
                $left = max(0.0, $z + $e);
                $mean += 0.001 * Normal::pdf($e) * $left;
                $square += 0.001 * Normal::pdf($e) * $left * $left;
            }
            self::assertEqualsWithDelta($mean, $cut->mean($z), 5e-4);
            self::assertEqualsWithDelta($square - $mean ** 2, $cut->variance($z), 1e-3);
        }
    }

    public function test_a_natural_spline_passes_its_knots_and_goes_on_straight(): void
    {
        $spline = new NaturalCubicSpline([[0.0, 0.0], [1.0, 1.0], [2.0, 0.0], [3.0, 1.0]]);
        self::assertEqualsWithDelta(1.0, $spline->at(1.0), 1e-12);
        // Solved by hand: second derivatives 0, -4, 4, 0.
        self::assertEqualsWithDelta(0.75, $spline->at(0.5), 1e-12);
        self::assertEqualsWithDelta($spline->at(4.0) - $spline->at(3.5), $spline->at(5.0) - $spline->at(4.5), 1e-12);
    }

    public function test_a_linear_table_goes_on_with_its_last_slope(): void
    {
        $table = new LinearTable([[0.0, 1.0], [10.0, 2.0], [20.0, 4.0]]);
        self::assertEqualsWithDelta(1.5, $table->at(5.0), 1e-12);
        self::assertEqualsWithDelta(6.0, $table->at(30.0), 1e-12);
        self::assertEqualsWithDelta(0.5, $table->at(-5.0), 1e-12);
    }

    public function test_the_same_seed_gives_the_same_numbers_with_the_right_moments(): void
    {
        [$a, $b] = [new SeededRandom(7), new SeededRandom(7)];
        $sum = $square = 0.0;
        for ($i = 0; $i < 20000; $i++) {
            $z = $a->normal();
            self::assertSame($z, $b->normal());
            $sum += $z;
            $square += $z * $z;
        }
        self::assertEqualsWithDelta(0.0, $sum / 20000, 0.03);
        self::assertEqualsWithDelta(1.0, $square / 20000, 0.03);
    }

    public function test_half_the_width_of_each_range_is_a_quantile(): void
    {
        self::assertEqualsWithDelta(Normal::quantile(0.9), Normal::EIGHTY, 1e-4);
        self::assertEqualsWithDelta(Normal::quantile(0.95), Normal::NINETY, 2e-4);
        self::assertEqualsWithDelta(Normal::quantile(0.75), Normal::FIFTY, 1e-4);
    }
}
