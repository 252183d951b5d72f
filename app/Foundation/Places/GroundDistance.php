<?php

declare(strict_types=1);

namespace App\Foundation\Places;

/** Distances over the ground. */
final class GroundDistance
{
    /**
     * Straight-line distance; exact enough for some tens of km.
     *
     * @param  array{float, float}  $p  latitude and longitude
     * @param  array{float, float}  $q
     */
    public static function km(array $p, array $q): float
    {
        return hypot(($p[0] - $q[0]) * 111.2, ($p[1] - $q[1]) * 111.2 * cos(deg2rad($p[0])));
    }
}
