<?php

declare(strict_types=1);

namespace Marjoram\Core\Numerics;

/**
 * Mean and variance of max(0, z + N) with N ~ N(0, 1): what is left of an error that cannot go below an edge.
 *
 * K(z) = z Phi(z) + phi(z); V(z) = (z^2 + 1) Phi(z) + z phi(z) - K(z)^2. From a table in steps of 1/16, linear between;
 * above 4: z and 1.
 */
final readonly class CutNormal
{
    private const STEPS = 16;

    private const LAST = 4.0;

    /** @var list<float> */
    private array $means;

    /** @var list<float> */
    private array $variances;

    public function __construct()
    {
        $means = $variances = [];
        for ($i = 0; $i <= self::STEPS * self::LAST; $i++) {
            $z = $i / self::STEPS;
            $mean = $z * Normal::cdf($z) + Normal::pdf($z);
            $means[] = $mean;
            $variances[] = ($z * $z + 1.0) * Normal::cdf($z) + $z * Normal::pdf($z) - $mean * $mean;
        }
        $this->means = $means;
        $this->variances = $variances;
    }

    /** @param  float  $z  0 or more */
    public function mean(float $z): float
    {
        return $z >= self::LAST ? $z : self::between($this->means, $z);
    }

    /** @param  float  $z  0 or more */
    public function variance(float $z): float
    {
        return $z >= self::LAST ? 1.0 : self::between($this->variances, $z);
    }

    /** @param  list<float>  $table */
    private static function between(array $table, float $z): float
    {
        $at = self::STEPS * max(0.0, $z);
        $i = (int) $at;
        $rest = $at - $i;

        return $table[$i] + $rest * (($table[$i + 1] ?? $table[$i]) - $table[$i]);
    }
}
