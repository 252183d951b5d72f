<?php

declare(strict_types=1);

namespace Marjoram\Core\HoneyRoom;

/** What each hive and super gave of the honey weighed. */
final readonly class AllotResult
{
    /**
     * @param  array<array-key, Allotted>  $hives  by hive
     * @param  array<array-key, Allotted>  $supers  by id (PHP makes an id of digits a whole number)
     * @param  float  $differenceKg  buckets and loss less what the supers gave, where each was weighed; else 0
     */
    public function __construct(
        public array $hives,
        public array $supers,
        public float $totalKg,
        public float $differenceKg,
        public ?float $measuredToEstimated,
        public float $fillFactor,
        public float $fillFactorSd,
    ) {
    }
}
