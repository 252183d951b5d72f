<?php

declare(strict_types=1);

namespace Marjoram\Core\Yields;

/** One yard in one season: what a beekeeper checks by hand. Kg. */
final readonly class YardSeason
{
    public function __construct(
        public string $apiary,
        public int $season,
        public int $hives,
        public int $producing,
        public float $totalKg,
        public float $meanKg,
        public float $meanProducingKg,
        public ?float $changeKg,
        public float $shareOfCrop,
        public string $best,
        public string $worst,
    ) {
    }
}
