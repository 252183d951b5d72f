<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

/**
 * One slot of a box: what was seen there, or what is presumed. Share of honey capped is null for a frame without honey;
 * its variance is above 0 for a frame that was only glanced at.
 */
final readonly class SlotEstimate
{
    public function __construct(
        public int $slot,
        public bool $seen,
        public ?float $cappedShare,
        public float $weight,
        public float $distance,
        public float $fillSd = 0.0,
        public float $shareVariance = 0.0,
    ) {
    }
}
