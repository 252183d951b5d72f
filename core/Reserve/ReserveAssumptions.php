<?php

declare(strict_types=1);

namespace Marjoram\Core\Reserve;

/**
 * What a wintering colony uses (common practice): kg a month = base + perDegree * degrees below the
 * threshold + brood, times (frames of bees / 10)^0.75.
 */
final readonly class ReserveAssumptions
{
    /**
     * @param  array{float, float, float}  $broodKgPerMonth  in the third-last, second-last and last 30 days before the
     *                                                       first flow
     * @param  float  $fillSd  how full comb is, as a share, common to all boxes of a hive (CombAssumptions)
     */
    public function __construct(
        public float $baseKgPerMonth = 1.2,
        public float $kgPerDegreeMonth = 0.1,
        public float $thresholdC = 8.0,
        public float $strengthExponent = 0.75,
        public array $broodKgPerMonth = [1.0, 3.0, 5.0],
        public float $residualSd = 0.12,
        public float $fillSd = 0.12,
        public int $winters = 6000,
        public int $seed = 20260804,
    ) {
    }

    /** kg a day of a colony of ten frames of bees, so many days before the expected first flow. */
    public function dailyKg(float $temperatureC, int $daysToFlow): float
    {
        $brood = match (true) {
            $daysToFlow > 90 => 0.0,
            $daysToFlow > 60 => $this->broodKgPerMonth[0],
            $daysToFlow > 30 => $this->broodKgPerMonth[1],
            default => $this->broodKgPerMonth[2],
        };

        return ($this->baseKgPerMonth +
            $this->kgPerDegreeMonth * max(0.0, $this->thresholdC - $temperatureC) +
            $brood) /
            30.0;
    }
}
