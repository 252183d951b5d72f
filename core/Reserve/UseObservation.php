<?php

declare(strict_types=1);

namespace Marjoram\Core\Reserve;

/** What a hive used between two weighings, by the scales and as it was calculated; kg. */
final readonly class UseObservation
{
    public function __construct(public float $usedKg, public float $usedSdKg, public float $calculatedKg)
    {
    }
}
