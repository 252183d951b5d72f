<?php

declare(strict_types=1);

namespace Marjoram\Core\Numerics;

/** Student's t distribution with v degrees of freedom (1 to 1000), by the incomplete beta function: error under 1e-12. */
final class StudentT
{
    public static function cdf(float $t, float $v): float
    {
        $tail = 0.5 * Beta::cdf($v / ($v + $t * $t), 0.5 * $v, 0.5);

        return $t > 0.0 ? 1.0 - $tail : $tail;
    }

    /** By bisection between -1000 and 1000, for p between 0.001 and 0.999; error under 1e-6, and a millionth of it. */
    public static function quantile(float $p, float $v): float
    {
        $lo = -1000.0;
        $hi = 1000.0;
        for ($i = 0; $i < 60; $i++) {
            $mid = 0.5 * ($lo + $hi);
            if (self::cdf($mid, $v) < $p) {
                $lo = $mid;
            } else {
                $hi = $mid;
            }
        }

        return 0.5 * ($lo + $hi);
    }
}
