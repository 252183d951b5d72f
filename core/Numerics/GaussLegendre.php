<?php

declare(strict_types=1);

namespace Marjoram\Core\Numerics;

/** Gauss-Legendre quadrature on -1 to 1 (Abramowitz and Stegun 1964, 25.4.29): nodes by Newton steps. */
final readonly class GaussLegendre
{
    /** @var list<float> */
    public array $nodes;

    /** @var list<float> weights, sum 2 */
    public array $weights;

    public function __construct(int $points = 8)
    {
        $nodes = $weights = [];
        for ($i = 0; $i < $points; $i++) {
            $x = -cos(M_PI * ($i + 0.75) / ($points + 0.5));
            do {
                [$value, $slope] = self::legendre($points, $x);
                $x -= $value / $slope;
            } while (abs($value / $slope) > 1e-14);
            [, $slope] = self::legendre($points, $x);
            $nodes[] = $x;
            $weights[] = 2.0 / ((1.0 - $x * $x) * $slope * $slope);
        }
        $this->nodes = $nodes;
        $this->weights = $weights;
    }

    /** @return array{float, float} value and slope of the polynomial */
    private static function legendre(int $n, float $x): array
    {
        $p1 = 1.0;
        $p2 = 0.0;
        for ($j = 0; $j < $n; $j++) {
            [$p1, $p2] = [((2 * $j + 1) * $x * $p1 - $j * $p2) / ($j + 1), $p1];
        }

        return [$p1, $n * ($x * $p1 - $p2) / ($x * $x - 1.0)];
    }
}
