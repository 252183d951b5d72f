<?php

declare(strict_types=1);

namespace Marjoram\Core\Yields\Merit;

/** On which yields are compared: as they are, or by the logarithm where a few hives give far more than the rest. */
enum YieldScale: string
{
    case Kg = 'kg';
    case Log = 'log';

    public function of(float $kg): float
    {
        return $this === self::Kg ? $kg : log($kg + 1.0);
    }

    /**
     * What a criterion on this scale lacks to be compared with one in kg: the yields are set to the scale times their
     * geometric mean, so that a small piece of it is as wide as one of kg (G. Box and D. Cox 1964).
     *
     * @param  non-empty-list<float>  $kg
     * @param  int  $free  records less the fixed effects, which a restricted likelihood counts
     */
    public function jacobian(array $kg, int $free): float
    {
        return $this === self::Kg ? 0.0 : 2.0 * $free * array_sum(array_map($this->of(...), $kg)) / count($kg);
    }

    /** What a merit on this scale is in kg, in a yard and year in which the mean is so much. */
    public function merit(float $value, float $meanKg): float
    {
        return $this === self::Kg ? $value : ($meanKg + 1.0) * (exp($value) - 1.0);
    }
}
