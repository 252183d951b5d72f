<?php

declare(strict_types=1);

namespace Marjoram\Core\HoneyRoom;

/** What each hive and super gave of the honey weighed. */
final readonly class AllotResult
{
    /**
     * @param  array<string, array{kg: float, sdKg: float, share: float}>  $hives
     * @param  array<string, array{kg: float, sdKg: float}>  $supers
     */
    public function __construct(
        public array $hives,
        public array $supers,
        public float $totalKg,
        public ?float $measuredToEstimated,
        public float $fillFactor,
        public float $fillFactorSd,
    ) {}
}
