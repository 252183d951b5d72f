<?php

declare(strict_types=1);

namespace Marjoram\Core\Numerics;

/**
 * The regularised incomplete beta function and the beta distribution.
 *
 * Continued fraction by the modified Lentz method (Press et al., Numerical Recipes, 3rd ed. 2007,
 * section 6.4); log gamma after Lanczos (g = 7, n = 9). Error under 1e-12 (and relative, for 0.05 <= a, b
 * <= 500); cost some tens of terms.
 */
final class Beta
{
    private const LANCZOS = [
        0.99999999999980993,
        676.5203681218851,
        -1259.1392167224028,
        771.32342877765313,
        -176.61502916214059,
        12.507343278686905,
        -0.13857109526572012,
        9.9843695780195716e-6,
        1.5056327351493116e-7,
    ];

    /** P(X <= x) for X ~ Beta(a, b). */
    public static function cdf(float $x, float $a, float $b): float
    {
        if ($x <= 0.0 || $x >= 1.0) {
            return $x <= 0.0 ? 0.0 : 1.0;
        }
        $front = exp(
            self::logGamma($a + $b) - self::logGamma($a) - self::logGamma($b) + $a * log($x) + $b * log(1.0 - $x),
        );

        return $x < ($a + 1.0) / ($a + $b + 2.0)
            ? ($front * self::fraction($x, $a, $b)) / $a
            : 1.0 - ($front * self::fraction(1.0 - $x, $b, $a)) / $b;
    }

    public static function logGamma(float $x): float
    {
        if ($x < 0.5) {
            return log(M_PI / abs(sin(M_PI * $x))) - self::logGamma(1.0 - $x);
        }
        $x -= 1.0;
        $sum = self::LANCZOS[0];
        for ($i = 1; $i < 9; $i++) {
            $sum += self::LANCZOS[$i] / ($x + $i);
        }
        $t = $x + 7.5;

        return 0.5 * log(2.0 * M_PI) + ($x + 0.5) * log($t) - $t + log($sum);
    }

    private static function fraction(float $x, float $a, float $b): float
    {
        $tiny = 1e-300;
        $c = 1.0;
        $d = 1.0 - (($a + $b) * $x) / ($a + 1.0);
        $d = 1.0 / (abs($d) < $tiny ? $tiny : $d);
        $h = $d;
        for ($m = 1; $m <= 500; $m++) {
            $h *= self::step(($m * ($b - $m) * $x) / (($a + 2 * $m - 1) * ($a + 2 * $m)), $c, $d);
            $delta = self::step((-($a + $m) * ($a + $b + $m) * $x) / (($a + 2 * $m) * ($a + 2 * $m + 1)), $c, $d);
            $h *= $delta;
            if (abs($delta - 1.0) < 1e-15) {
                break;
            }
        }

        return $h;
    }

    private static function step(float $term, float &$c, float &$d): float
    {
        $d = 1.0 + $term * $d;
        $d = 1.0 / (abs($d) < 1e-300 ? 1e-300 : $d);
        $c = 1.0 + $term / $c;
        $c = abs($c) < 1e-300 ? 1e-300 : $c;

        return $c * $d;
    }
}
