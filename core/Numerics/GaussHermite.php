<?php

declare(strict_types=1);

namespace Marjoram\Core\Numerics;

/**
 * Gauss-Hermite quadrature for expectations under the standard normal.
 *
 * Nodes by Newton's method on the orthonormal Hermite recurrence with the starting guesses of
 * Press et al., Numerical Recipes, 3rd ed. 2007, section 4.6; O(n^2) once.
 */
final readonly class GaussHermite
{
    /** @var list<float> nodes z of N(0, 1) */
    public array $nodes;

    /** @var list<float> weights, sum 1 */
    public array $weights;

    public function __construct(int $points = 20)
    {
        $z = [];
        $w = [];
        $x = 0.0;
        for ($i = 0; $i < intdiv($points + 1, 2); $i++) {
            $x = self::guess($i, $points, $x, $z);
            for ($step = 0; $step < 100; $step++) {
                [$value, $slope] = self::hermite($points, $x);
                $x -= $value / $slope;
                if (abs($value / $slope) < 1e-14) {
                    break;
                }
            }
            [, $slope] = self::hermite($points, $x);
            $z[$i] = $x;
            $z[$points - 1 - $i] = -$x;
            $w[$i] = $w[$points - 1 - $i] = 2.0 / ($slope * $slope);
        }
        ksort($z);
        ksort($w);
        $this->nodes = array_values(array_map(static fn (float $node): float => M_SQRT2 * $node, $z));
        $this->weights = array_values(array_map(static fn (float $weight): float => $weight / sqrt(M_PI), $w));
    }

    /**
     * E[f(Z)] for Z ~ N(mean, sd^2).
     *
     * @param  callable(float): float  $f
     */
    public function expect(callable $f, float $mean, float $sd): float
    {
        $sum = 0.0;
        foreach ($this->nodes as $i => $node) {
            $sum += $this->weights[$i] * $f($mean + $sd * $node);
        }

        return $sum;
    }

    /** @param  array<int, float>  $z */
    private static function guess(int $i, int $n, float $x, array $z): float
    {
        return match ($i) {
            0 => sqrt(2.0 * $n + 1.0) - 1.85575 * (2.0 * $n + 1.0) ** -0.16667,
            1 => $x - (1.14 * $n ** 0.426) / $x,
            2 => 1.86 * $x - 0.86 * $z[0],
            3 => 1.91 * $x - 0.91 * $z[1],
            default => 2.0 * $x - $z[$i - 2],
        };
    }

    /** @return array{float, float} value and slope of the orthonormal polynomial */
    private static function hermite(int $n, float $x): array
    {
        $p1 = M_PI ** -0.25;
        $p2 = 0.0;
        for ($j = 0; $j < $n; $j++) {
            [$p1, $p2] = [$x * sqrt(2.0 / ($j + 1)) * $p1 - sqrt($j / ($j + 1)) * $p2, $p1];
        }

        return [$p1, sqrt(2.0 * $n) * $p2];
    }
}
