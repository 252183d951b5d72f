<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

/**
 * What is presumed of frames and honey before they are looked at (common practice: bees fill and cap
 * from the centre outwards, cap at 16 to 18 % water, and shake out what is not ripe).
 *
 * Logit scale: share = 1 / (1 + exp(-(theta + beta d^2 + e))), d from 0 in the centre to 1 at the walls.
 */
final readonly class RipenessAssumptions
{
    /**
     * @param  float  $cappedTheta  prior mean of theta for the capped share of honey
     * @param  float  $cappedThetaUnderCapped  the same for a super under a capped one: bees finish from below upwards
     *                                         where supers were added on top, and seldom leave open honey under sealed
     * @param  float  $cappedAbove  capped share from which a super counts as capped for those below it
     * @param  float  $driesPctPerDay  water that honey loses in the hive (common practice, from memory)
     * @param  float  $fillTheta  prior mean of theta for the fill
     * @param  float  $emptyTheta  the same for a super on the day on which it is put on empty
     * @param  float  $daysToFillSuper  after which nothing is left of that (common practice: one to four weeks)
     * @param  array<string, array{float, float}>  $openWaterPct  mean and sd of open honey by shake test
     */
    public function __construct(
        public float $cappedTheta = 0.8,
        public float $fillTheta = 1.0,
        public float $thetaSd = 1.5,
        public float $beta = -1.2,
        public float $betaSd = 0.6,
        public float $frameSd = 0.6,
        public float $cappedWaterPct = 17.4,
        public float $cappedWaterSdPct = 0.8,
        public array $openWaterPct = ['passed' => [18.8, 1.0], 'none' => [20.0, 2.0], 'failed' => [22.5, 2.0]],
        public float $daysToCapFullSuper = 10.0,
        public float $cappedThetaUnderCapped = 2.0,
        public float $cappedAbove = 0.85,
        public float $driesPctPerDay = 0.3,
        public float $emptyTheta = -4.0,
        public float $daysToFillSuper = 21.0,
    ) {
    }

    /** The prior mean of theta for the fill of a super that was empty so many days ago. */
    public function fillThetaAfter(?float $daysSinceEmpty): float
    {
        $done = $daysSinceEmpty === null ? 1.0 : min(1.0, $daysSinceEmpty / $this->daysToFillSuper);

        return $this->emptyTheta + $done * ($this->fillTheta - $this->emptyTheta);
    }
}
