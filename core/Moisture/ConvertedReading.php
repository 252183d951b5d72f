<?php

declare(strict_types=1);

namespace Marjoram\Core\Moisture;

/** A reading as refractive index at 20 C and as water; the correction is water after less water as read. */
final readonly class ConvertedReading
{
    public function __construct(public float $indexAt20C, public float $waterPct, public float $correctionPct)
    {
    }
}
