<?php

declare(strict_types=1);

namespace Marjoram\Core\Reserve;

/** What is taken for granted of the stores in a hive's brood boxes, and how its doubt grows (common practice). */
final readonly class StoresAssumptions
{
    /**
     * @param  float  $presumedKg  in a brood box in August that nobody has looked into
     * @param  float  $presumedSd  of it, as a share
     * @param  float  $presumedFramesOfBees  where nobody has counted
     * @param  float  $measuredSd  of stores that were weighed frame by frame, as a share
     * @param  float  $estimatedSd  of stores estimated by eye, as a share
     * @param  float  $notedSd  of stores that were noted without saying how, as a share
     * @param  float  $feedSd  of what becomes of feed, as a share
     * @param  float  $driftKg  by which stores rise or fall in a day outside winter
     * @param  float  $leastLearntKg  less use than that between two weighings teaches nothing
     */
    public function __construct(
        public float $presumedKg = 9.0,
        public float $presumedSd = 0.4,
        public float $presumedFramesOfBees = 9.0,
        public float $measuredSd = 0.04,
        public float $estimatedSd = 0.13,
        public float $notedSd = 0.15,
        public float $feedSd = 0.1,
        public float $driftKg = 0.12,
        public float $leastLearntKg = 1.0,
    ) {
    }

    /**
     * Spread (kg) of stores carried forward: what was seen, what drifted, was fed and used since, each by itself.
     *
     * @param  float  $seenSdKg  when they were seen
     * @param  int  $daysOutside  days since then that were not winter
     * @param  float  $usedSdKg  of what winter took since
     */
    public function carriedSdKg(float $seenSdKg, int $daysOutside, float $fedKg, float $usedSdKg): float
    {
        $drift = $this->driftKg * sqrt(max(0, $daysOutside));

        return sqrt($seenSdKg ** 2 + $drift ** 2 + ($this->feedSd * $fedKg) ** 2 + $usedSdKg ** 2);
    }
}
