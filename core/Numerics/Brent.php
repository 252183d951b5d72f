<?php

declare(strict_types=1);

namespace Marjoram\Core\Numerics;

/**
 * The least value of a function of one variable between two bounds, without its derivative, where each evaluation is
 * dear and a good guess is at hand.
 *
 * From three places about the guess, widened until the middle one is lowest; then R. P. Brent (1973), "Algorithms for
 * minimization without derivatives", chapter 5: parabolas where they help, golden sections where they do not. Finds a
 * local minimum.
 */
final readonly class Brent
{
    private const GOLDEN = 0.3819660112501051;

    private const MOST_STEPS = 80;

    /** Places as near to each other as that make a parabola to be believed. */
    private const NEAR = 0.15;

    /** @param  float  $tolerance  of the place, absolute */
    public function __construct(private float $tolerance = 1e-4)
    {
    }

    /**
     * @param  callable(float): float  $of
     * @param  float  $start  between the bounds, where one looks first
     * @param  float  $step  how far beside it
     * @return array{float, float} the place and the value there
     */
    public function least(callable $of, float $lo, float $hi, float $start, float $step = 0.4): array
    {
        $places = self::about($of, $lo, $hi, max($lo, min($hi, $start)), $step);
        [$lo, $hi] = [$places[0][0], $places[2][0]];
        usort($places, static fn (array $a, array $b): int => $a[1] <=> $b[1]);
        [[$x, $fx], [$w, $fw], [$v, $fv]] = $places;
        $last = $before = $hi - $lo;
        for ($i = 0; $i < self::MOST_STEPS; $i++) {
            $middle = 0.5 * ($lo + $hi);
            if (abs($x - $middle) <= 2.0 * $this->tolerance - 0.5 * ($hi - $lo)) {
                break;
            }
            [$p, $q] = self::parabola($x, $w, $v, $fx, $fw, $fv);
            $isGood = abs($p) < abs(0.5 * $q * $before) && $p > $q * ($lo - $x) && $p < $q * ($hi - $x);
            if ($isGood && abs($p) < $this->tolerance * $q && max(abs($w - $x), abs($v - $x)) < self::NEAR) {
                break;
            }
            $rest = $x >= $middle ? $lo - $x : $hi - $x;
            [$before, $last] = $isGood ? [$last, $p / $q] : [$rest, self::GOLDEN * $rest];
            $u = $x + (abs($last) >= $this->tolerance ? $last : ($last > 0.0 ? $this->tolerance : -$this->tolerance));
            $fu = $of($u);
            if ($fu <= $fx) {
                [$lo, $hi] = $u >= $x ? [$x, $hi] : [$lo, $x];
                [$v, $fv, $w, $fw, $x, $fx] = [$w, $fw, $x, $fx, $u, $fu];

                continue;
            }
            [$lo, $hi] = $u < $x ? [$u, $hi] : [$lo, $u];
            if ($fu <= $fw) {
                [$v, $fv, $w, $fw] = [$w, $fw, $u, $fu];
            } elseif ($fu <= $fv) {
                [$v, $fv] = [$u, $fu];
            }
        }

        return [$x, $fx];
    }

    /**
     * Three places with their values, rising: the middle one lowest, or next to a bound.
     *
     * @param  callable(float): float  $of
     * @return array{array{float, float}, array{float, float}, array{float, float}}
     */
    private static function about(callable $of, float $lo, float $hi, float $at, float $step): array
    {
        $at = max($lo + $step, min($hi - $step, $at));
        $places = [[$at - $step, $of($at - $step)], [$at, $of($at)], [$at + $step, $of($at + $step)]];
        while ($places[0][1] < $places[1][1] && $places[0][0] > $lo) {
            $step *= 1.8;
            $next = max($lo, $places[0][0] - $step);
            $places = [[$next, $of($next)], $places[0], $places[1]];
        }
        while ($places[2][1] < $places[1][1] && $places[2][0] < $hi) {
            $step *= 1.8;
            $next = min($hi, $places[2][0] + $step);
            $places = [$places[1], $places[2], [$next, $of($next)]];
        }

        return $places;
    }

    /** @return array{float, float} the step to the bottom of the parabola as a fraction; q is never below zero */
    private static function parabola(float $x, float $w, float $v, float $fx, float $fw, float $fv): array
    {
        $r = ($x - $w) * ($fx - $fv);
        $q = ($x - $v) * ($fx - $fw);
        $p = ($x - $v) * $q - ($x - $w) * $r;
        $q = 2.0 * ($q - $r);

        return $q > 0.0 ? [-$p, $q] : [$p, -$q];
    }
}
