<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

use Marjoram\Core\Numerics\Cholesky;

/**
 * What the frames seen say of the whole super: level, centre effect and side effect of fill and capping, and how uneven
 * the frames are.
 *
 * For each spread and correlation of the frames' own errors the effects follow exactly (Bayesian linear regression,
 * Gelman et al., Bayesian Data Analysis, 3rd ed. 2013, ch. 14); the six answers are weighed by how well they explain
 * the frames, and collapsed into one Gaussian.
 */
final readonly class LevelAndSide
{
    private const LEAST_WEIGHT = 0.001;

    /**
     * @param  array<int, float>  $mean  level, centre, side of the fill; of the capping
     * @param  array<int, array<int, float>>  $root  lower triangle of their covariance
     * @param  array{float, float, float}  $own  variances of the frames' own errors: fill, both, capping
     */
    private function __construct(public array $mean, public array $root, public array $own)
    {
    }

    /** @param  list<array{SlotPrior, Site}>  $frames  that teach, each as surely as its comb is built */
    public static function of(array $frames): self
    {
        $pairs = [];
        if ($frames === []) {
            $pairs[] = [
                RipenessAssumptions::meanSpreadVariance(),
                RipenessAssumptions::meanCorrelation(),
                1.0,
            ];
        } else {
            foreach (RipenessAssumptions::SPREADS as [$spread, $likely]) {
                foreach (RipenessAssumptions::CORRELATIONS as [$correlation, $weight]) {
                    $pairs[] = [$spread * $spread, $correlation, $likely * $weight];
                }
            }
        }
        $answers = [];
        foreach ($pairs as [$variance, $correlation, $weight]) {
            $answers[] = self::given($frames, $variance, $correlation, $weight);
        }

        return self::collapse($answers);
    }

    /**
     * @return array{float, float} expected deviation of fill and of capping in a slot
     */
    public function at(SlotPrior $prior): array
    {
        [$s, $square, $m] = [$prior->side, $prior->side * $prior->side, $this->mean];

        return [$m[0] + $square * $m[1] + $s * $m[2], $m[3] + $square * $m[4] + $s * $m[5]];
    }

    /**
     * How fill and capping in a slot depend on six independent standard normals: its part of the common error.
     *
     * @return array{list<float>, list<float>}
     */
    public function rows(SlotPrior $prior): array
    {
        [$s, $square, $l] = [$prior->side, $prior->side * $prior->side, $this->root];
        $fill = $capped = [];
        for ($k = 0; $k < 6; $k++) {
            $fill[] = $l[0][$k] + $square * $l[1][$k] + $s * $l[2][$k];
            $capped[] = $l[3][$k] + $square * $l[4][$k] + $s * $l[5][$k];
        }

        return [$fill, $capped];
    }

    /**
     * @param  list<array{SlotPrior, Site}>  $frames
     * @return array{float, array<int, float>, array<int, array<int, float>>, array{float, float, float}} log of the
     *     weight, mean, covariance, own variances
     */
    private static function given(array $frames, float $variance, float $correlation, float $weight): array
    {
        [$e, $ec] = [$variance, $variance * $correlation];
        $information = self::prior($correlation);
        $toMean = array_fill(0, 6, 0.0);
        $log = log($weight);
        foreach ($frames as [$prior, $site]) {
            // M = I + Q E; P = M^-1 Q; z = M^-1 r.
            $m11 = 1.0 + $site->ff * $e + $site->fx * $ec;
            $m12 = $site->ff * $ec + $site->fx * $e;
            $m21 = $site->fx * $e + $site->xx * $ec;
            $m22 = 1.0 + $site->fx * $ec + $site->xx * $e;
            $det = $m11 * $m22 - $m12 * $m21;
            $p11 = ($m22 * $site->ff - $m12 * $site->fx) / $det;
            $p12 = ($m22 * $site->fx - $m12 * $site->xx) / $det;
            $p22 = ($m11 * $site->xx - $m21 * $site->fx) / $det;
            $z1 = ($m22 * $site->f - $m12 * $site->x) / $det;
            $z2 = ($m11 * $site->x - $m21 * $site->f) / $det;
            $log += -0.5 * log($det)
                + 0.5 * ($site->f * ($e * $z1 + $ec * $z2) + $site->x * ($ec * $z1 + $e * $z2));
            $phi = [1.0, $prior->side * $prior->side, $prior->side];
            for ($i = 0; $i < 3; $i++) {
                $toMean[$i] += $z1 * $phi[$i];
                $toMean[$i + 3] += $z2 * $phi[$i];
                // The lower triangle alone is read.
                for ($j = 0; $j < 3; $j++) {
                    $product = $phi[$i] * $phi[$j];
                    $information[$i + 3][$j] += $p12 * $product;
                    if ($j <= $i) {
                        $information[$i][$j] += $p11 * $product;
                        $information[$i + 3][$j + 3] += $p22 * $product;
                    }
                }
            }
        }
        $factor = Cholesky::of($information);
        $mean = $factor->solve($toMean);
        for ($i = 0; $i < 6; $i++) {
            $log += 0.5 * $toMean[$i] * $mean[$i];
        }
        $prior = (RipenessAssumptions::LEVEL_VARIANCE * RipenessAssumptions::CENTRE_VARIANCE) ** 2
            * (1.0 - $correlation ** 2) ** 2;

        return [$log - 0.5 * $factor->logDeterminant() - 0.5 * log($prior), $mean, $factor->inverse(), [$e, $ec, $e]];
    }

    /** @return list<list<float>> precision of the effects before anything was seen */
    private static function prior(float $correlation): array
    {
        $matrix = array_fill(0, 6, array_fill(0, 6, 0.0));
        $effects = [
            [RipenessAssumptions::LEVEL_VARIANCE, $correlation],
            [RipenessAssumptions::CENTRE_VARIANCE, $correlation],
            [RipenessAssumptions::SIDE_VARIANCE, RipenessAssumptions::SIDE_CORRELATION],
        ];
        foreach ($effects as $i => [$variance, $both]) {
            $own = 1.0 / (1.0 - $both * $both) / $variance;
            $matrix[$i][$i] = $matrix[$i + 3][$i + 3] = $own;
            $matrix[$i][$i + 3] = $matrix[$i + 3][$i] = -$both * $own;
        }

        return $matrix;
    }

    /**
     * @param  non-empty-list<array{float, array<int, float>, array<int, array<int, float>>,
     *     array{float, float, float}}>  $answers  of given()
     */
    private static function collapse(array $answers): self
    {
        $best = max(array_column($answers, 0));
        $weights = array_map(static fn (array $one): float => exp($one[0] - $best), $answers);
        $weights = array_map(static fn (float $one): float => $one / array_sum($weights), $weights);
        $mean = array_fill(0, 6, 0.0);
        $own = [0.0, 0.0, 0.0];
        foreach ($answers as $k => [, $one, , $e]) {
            foreach ($one as $i => $value) {
                $mean[$i] += $weights[$k] * $value;
            }
            $own = [
                $own[0] + $weights[$k] * $e[0],
                $own[1] + $weights[$k] * $e[1],
                $own[2] + $weights[$k] * $e[2],
            ];
        }
        $spread = array_fill(0, 6, array_fill(0, 6, 0.0));
        foreach ($answers as $k => [, $one, $covariance]) {
            if ($weights[$k] < self::LEAST_WEIGHT) {
                continue;
            }
            for ($i = 0; $i < 6; $i++) {
                for ($j = 0; $j <= $i; $j++) {
                    $off = ($one[$i] - $mean[$i]) * ($one[$j] - $mean[$j]);
                    $spread[$i][$j] += $weights[$k] * ($covariance[$i][$j] + $off);
                }
            }
        }

        return new self($mean, Cholesky::of($spread)->lower, $own);
    }
}
