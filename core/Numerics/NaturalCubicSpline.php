<?php

declare(strict_types=1);

namespace Marjoram\Core\Numerics;

use Marjoram\Core\InvalidInput;

/**
 * Natural cubic spline (second derivative 0 at both ends), continued linearly beyond them.
 * Tridiagonal system by forward elimination (de Boor, A Practical Guide to Splines, 1978, ch. IV); O(n).
 */
final readonly class NaturalCubicSpline
{
    /** @var list<float> */
    private array $x;

    /** @var list<float> */
    private array $y;

    /** @var array<int, float> second derivatives at the knots */
    private array $curvature;

    /**
     * @param  list<array{float, float}>  $points  in rising order of x
     *
     * @throws InvalidInput when there are fewer than three points
     */
    public function __construct(array $points)
    {
        if (count($points) < 3) {
            throw InvalidInput::because('A spline needs three points.', 'three points or more');
        }
        $this->x = array_column($points, 0);
        $this->y = array_column($points, 1);
        $this->curvature = $this->solve();
    }

    public function at(float $x): float
    {
        $last = count($this->x) - 1;
        if ($x < $this->x[0]) {
            return $this->y[0] + ($x - $this->x[0]) * $this->endSlope(0, 1, -1.0);
        }
        if ($x > $this->x[$last]) {
            return $this->y[$last] + ($x - $this->x[$last]) * $this->endSlope($last - 1, $last, 1.0);
        }
        $i = 1;
        while ($i < $last && $x > $this->x[$i]) {
            $i++;
        }

        return $this->within($i, $x);
    }

    private function within(int $i, float $x): float
    {
        $h = $this->x[$i] - $this->x[$i - 1];
        $a = ($this->x[$i] - $x) / $h;
        $b = 1.0 - $a;

        return $a * $this->y[$i - 1] +
            $b * $this->y[$i] +
            ((($a ** 3 - $a) * $this->curvature[$i - 1] + ($b ** 3 - $b) * $this->curvature[$i]) * $h * $h) / 6.0;
    }

    private function endSlope(int $i, int $j, float $side): float
    {
        $h = $this->x[$j] - $this->x[$i];
        $inner = $side > 0.0 ? $this->curvature[$i] : $this->curvature[$j];

        return ($this->y[$j] - $this->y[$i]) / $h + ($side * $h * $inner) / 6.0;
    }

    /** @return array<int, float> */
    private function solve(): array
    {
        $n = count($this->x);
        $upper = [0.0];
        $right = [0.0];
        for ($i = 1; $i < $n - 1; $i++) {
            $before = $this->x[$i] - $this->x[$i - 1];
            $after = $this->x[$i + 1] - $this->x[$i];
            $pivot = 2.0 * ($before + $after) - $before * $upper[$i - 1];
            $upper[$i] = $after / $pivot;
            $bend = 6.0 * (($this->y[$i + 1] - $this->y[$i]) / $after - ($this->y[$i] - $this->y[$i - 1]) / $before);
            $right[$i] = ($bend - $before * $right[$i - 1]) / $pivot;
        }
        $m = array_fill(0, $n, 0.0);
        for ($i = $n - 2; $i > 0; $i--) {
            $m[$i] = $right[$i] - $upper[$i] * $m[$i + 1];
        }

        return $m;
    }
}
