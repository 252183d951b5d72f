<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

/**
 * What is expected of frames and honey before they are inspected, and how far a painted share may be off (common
 * practice: bees fill and cap from the centre outwards, cap at 16 to 18 % water, and shake out what is not ripe).
 *
 * Fill and capped share of a frame are logistic of: level + centre effect s^2 + side effect s + the frame's own error,
 * s from -1 at the first slot to 1 at the last. The figures were tuned by simulation so that ranges of 80 % hold 75 to
 * 90 % of the true values in eleven worlds that are not the model.
 */
final readonly class RipenessAssumptions
{
    /** Spread of the levels, of the centre effects and of the side effects, on the logit scale. */
    public const LEVEL_VARIANCE = 2.25;

    public const CENTRE_VARIANCE = 0.64;

    public const SIDE_VARIANCE = 0.25;

    /** One warm side fills and caps: correlation of the two side effects. */
    public const SIDE_CORRELATION = 0.8;

    /**
     * Spread of the frames' own errors, with the weight of each: heavy enough for supers of very uneven frames.
     *
     * @var list<array{float, float}>
     */
    public const SPREADS = [[0.35, 0.2], [0.7, 0.5], [1.3, 0.3]];

    /**
     * Correlation between fill and capping, with the weight of each: learnt from the frames.
     *
     * @var list<array{float, float}>
     */
    public const CORRELATIONS = [[0.0, 0.6], [0.7, 0.4]];

    /** Chance that a super has outer frames that nobody has built on; then a side has none of them with NO_RUN. */
    public const UNBUILT = 0.42;

    public const NO_RUN = 0.15;

    /** Corrections found by simulation: of kg variance, of share variance, and for rests that nobody stated. */
    public const KG_VARIANCE = 0.82;

    public const SHARE_VARIANCE = 0.95;

    public const UNSTATED_SHIFT = 0.05;

    public const UNSTATED_SD = 0.62;

    public const UNSTATED_KG_SD = 0.22;

    public const UNSTATED_KG_SHIFT = 0.12;

    /** Part of the gain of a look that comes true. */
    public const LOOK_COMES_TRUE = 0.7;

    /** Cost of a pulled frame (1 minute) and of a reading (half a minute); a needless visit costs 200 minutes. */
    public const FRAME_COST = 0.005;

    public const READING_COST = 0.0025;

    public const MOST_READINGS = 3;

    /** A frame that was not pulled but said to look like another tells less by this variance. */
    public const GLANCED_VARIANCE = 0.36;

    /**
     * @param  float  $cappedLevel  level of the capped share of honey
     * @param  float  $cappedLevelUnderCapped  the same for a super under a capped one: bees finish from below upwards
     *                                         where supers were added on top, and seldom leave open honey under sealed
     * @param  float  $cappedAbove  capped share from which a super counts as capped for those below it
     * @param  float  $driesPctPerDay  water that honey loses in the hive (common practice, from memory)
     * @param  float  $fillLevel  level of the fill
     * @param  float  $emptyLevel  the same for a super on the day on which it is put on empty
     * @param  float  $daysToFillSuper  after which nothing is left of that (common practice: one to four weeks)
     * @param  array<string, array{float, float}>  $openWaterPct  mean and sd of open honey by shake test
     * @param  float  $readingSdPct  of one reading in all, of which $instrumentSdPct is the instrument's own
     */
    public function __construct(
        public float $cappedLevel = 0.8,
        public float $fillLevel = 1.0,
        public float $cappedCentre = -1.0,
        public float $fillCentre = -0.8,
        public float $cappedWaterPct = 17.4,
        public float $cappedWaterSdPct = 0.8,
        public array $openWaterPct = ['passed' => [18.8, 1.0], 'none' => [20.0, 2.0], 'failed' => [22.5, 2.0]],
        public float $daysToCapFullSuper = 10.0,
        public float $cappedLevelUnderCapped = 2.0,
        public float $cappedAbove = 0.85,
        public float $driesPctPerDay = 0.3,
        public float $emptyLevel = -4.0,
        public float $daysToFillSuper = 21.0,
        public float $readingSdPct = 0.6,
        public float $instrumentSdPct = 0.2,
    ) {
    }

    /** The level of the fill of a super that was empty so many days ago. */
    public function fillLevelAfter(?float $daysSinceEmpty): float
    {
        $done = $daysSinceEmpty === null ? 1.0 : min(1.0, $daysSinceEmpty / $this->daysToFillSuper);

        return $this->emptyLevel + $done * ($this->fillLevel - $this->emptyLevel);
    }

    /** Mean variance of the frames' own errors. */
    public static function meanSpreadVariance(): float
    {
        return array_sum(array_map(static fn (array $one): float => $one[1] * $one[0] ** 2, self::SPREADS));
    }

    /** Mean correlation between fill and capping. */
    public static function meanCorrelation(): float
    {
        return array_sum(array_map(static fn (array $one): float => $one[1] * $one[0], self::CORRELATIONS));
    }

    /** Chance that nectar rains from a frame of whose honey this share is open: none rains without open cells. */
    public static function failsTheShake(float $openShare): float
    {
        return 0.01 + 0.32 * (1.0 - exp(-$openShare / 0.08));
    }
}
