<?php

declare(strict_types=1);

namespace App\Pages\Assess;

use DateTimeImmutable;

/** What one look found of a box. */
final readonly class HistoryPoint
{
    /**
     * @param  ?float  $capped  share of the honey, 0 to 1; null where no frame was seen
     * @param  float  $full  full frames of honey
     * @param  int  $seen  frames
     */
    public function __construct(
        public DateTimeImmutable $on,
        public ?float $capped,
        public float $cappedSd,
        public float $full,
        public ?float $waterPct,
        public float $waterSdPct,
        public int $seen,
    ) {
    }
}
