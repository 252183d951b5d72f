<?php

declare(strict_types=1);

namespace Marjoram\Core\Yields\Merit;

/** On which yields are compared: as they are, or by the logarithm where a few hives give far more than the rest. */
enum Scale: string
{
    case Kg = 'kg';
    case Log = 'log';

    public function of(float $kg): float
    {
        return $this === self::Kg ? $kg : log($kg + 1.0);
    }

    /**
     * Minus twice the logarithm of how much wider a small piece of this scale is in kg, over all yields.
     *
     * @param  list<float>  $kg
     */
    public function jacobian(array $kg): float
    {
        return $this === self::Kg ? 0.0 : 2.0 * array_sum(array_map($this->of(...), $kg));
    }

    /** What a merit on this scale is in kg, in a yard and year in which the mean is so much. */
    public function merit(float $value, float $meanKg): float
    {
        return $this === self::Kg ? $value : ($meanKg + 1.0) * (exp($value) - 1.0);
    }
}
