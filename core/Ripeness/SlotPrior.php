<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

/** What is expected of fill and capping in one slot before anything was seen there, on the logit scale. */
final readonly class SlotPrior
{
    public float $fillVariance;

    public float $cappedVariance;

    /**
     * @param  float  $side  -1 at the first slot to 1 at the last
     * @param  float  $fill  mean logit of the fill
     * @param  float  $capped  mean logit of the capped share
     * @param  ?float  $fillVariance  of its logit; null for the prior of the model; $cappedVariance likewise
     */
    public function __construct(
        public int $slot,
        public float $side,
        public float $fill,
        public float $capped,
        ?float $fillVariance = null,
        ?float $cappedVariance = null,
    ) {
        $square = $side * $side;
        $any =
            RipenessAssumptions::LEVEL_VARIANCE +
            RipenessAssumptions::CENTRE_VARIANCE * $square * $square +
            RipenessAssumptions::SIDE_VARIANCE * $square +
            RipenessAssumptions::meanSpreadVariance();
        $this->fillVariance = $fillVariance ?? $any;
        $this->cappedVariance = $cappedVariance ?? $any;
    }

    public static function of(int $slot, Super $super, RipenessAssumptions $assumptions): self
    {
        $n = $super->box->framesFitted;
        $side = $n === 1 ? 0.0 : (2.0 * $slot - $n - 1.0) / ($n - 1.0);
        $level = $super->underCapped ? $assumptions->cappedLevelUnderCapped : $assumptions->cappedLevel;

        return new self(
            $slot,
            $side,
            $assumptions->fillLevelAfter($super->daysOfFilling()) + $assumptions->fillCentre * $side * $side,
            $level + $assumptions->cappedCentre * $side * $side,
        );
    }
}
