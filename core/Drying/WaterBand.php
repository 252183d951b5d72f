<?php

declare(strict_types=1);

namespace Marjoram\Core\Drying;

/** The water at an hour: the middle, and the range in which it lies in 8 of 10 cases. */
final readonly class WaterBand
{
    public function __construct(public float $hour, public float $waterPct, public float $loPct, public float $hiPct)
    {
    }
}
