<?php

declare(strict_types=1);

namespace Marjoram\Core\Reserve;

/** What a hive needs until the first flow, what it has, what stays, and what is short. All masses in kg. */
final readonly class ReserveResult
{
    /**
     * @param  array<array-key, float>  $needKgByMonth
     * @param  list<string>  $keep  ids of boxes
     * @param  list<string>  $mayTake  ids of boxes
     */
    public function __construct(
        public float $needMeanKg,
        public float $needSdKg,
        public float $needQuantileKg,
        public array $needKgByMonth,
        public float $storesKg,
        public float $storesSdKg,
        public float $pEnough,
        public array $keep,
        public array $mayTake,
        public float $spareKg,
        public float $shortfallKg,
        public float $sugarKg,
        public float $syrupL,
    ) {
    }
}
