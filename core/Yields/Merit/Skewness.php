<?php

declare(strict_types=1);

namespace Marjoram\Core\Yields\Merit;

/** How lopsided values lie about their mean: the third standardised moment; 0 where they do not differ. */
final class Skewness
{
    /** @param  list<float>  $values */
    public static function of(array $values): float
    {
        $n = count($values);
        if ($n < 3) {
            return 0.0;
        }
        $mean = array_sum($values) / $n;
        $second = $third = 0.0;
        foreach ($values as $value) {
            $second += ($value - $mean) ** 2 / $n;
            $third += ($value - $mean) ** 3 / $n;
        }

        return $second > 0.0 ? $third / $second ** 1.5 : 0.0;
    }
}
