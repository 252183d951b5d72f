<?php

declare(strict_types=1);

namespace App\Compare;

/**
 * What a hive, with one queen, gave in a season, in whole supers and single frames; estimated until its buckets are
 * weighed.
 */
final readonly class Crop
{
    public function __construct(
        public string $slug,
        public string $yard,
        public string $hive,
        public int $season,
        public ?string $queen,
        public ?string $line,
        public float $kg,
        public float $sdKg,
        public int $supers,
        public int $frames,
        public bool $weighed,
    ) {
    }
}
