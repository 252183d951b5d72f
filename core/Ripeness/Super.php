<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

use Marjoram\Core\Comb\CombAssumptions;
use Marjoram\Core\Comb\FittedBox;
use Marjoram\Core\Comb\Frame;
use Marjoram\Core\InvalidInput;
use Marjoram\Core\Moisture\CellsRead;
use Marjoram\Core\Moisture\Reading;
use Marjoram\Core\Moisture\Refractometry;

/** All that is known of one super on one day. */
final readonly class Super
{
    /**
     * @param  list<Frame>  $frames  those looked at
     * @param  list<Reading>  $readings  of its honey
     * @param  ?float  $daysSinceLast  days since the assessment before, with the capped share it found
     * @param  bool  $underCapped  a super above it was found capped: more capping is presumed
     * @param  ?float  $daysSinceEmpty  days since it was put on without honey; null where that is not known
     * @param  float  $paintingSd  how far one painted edge of one face is off, as a share of its area: 0.01 to 0.3
     * @param  bool  $instrumentChecked  the refractometer was checked against a known oil or honey
     * @param  ?float  $daysOfFlow  of the days since empty, those on which nectar may have come in; null: all
     * @param  bool  $ofLastSeason  what is known of it was found in a season that is over: it is stores, no harvest
     *
     * @throws InvalidInput when a frame is not of this box or a value is out of range
     */
    public function __construct(
        public FittedBox $box,
        public array $frames,
        public ?Shake $shake = null,
        public array $readings = [],
        public bool $excluder = true,
        public NectarFlow $flow = NectarFlow::Unknown,
        public bool $dryRoom = false,
        public bool $canRearrange = true,
        public ?float $daysSinceLast = null,
        public ?float $lastCappedShare = null,
        public bool $underCapped = false,
        public ?float $daysSinceEmpty = null,
        public CombAssumptions $comb = new CombAssumptions,
        public float $paintingSd = 0.08,
        public bool $hasRefractometer = true,
        public bool $instrumentChecked = false,
        public ?BoxWeight $weight = null,
        public bool $ofLastSeason = false,
        public ?float $daysOfFlow = null,
    ) {
        $box->assertHolds($frames);
        InvalidInput::unlessWithin($paintingSd, 0.01, 0.3, 'The error of painting', '/painting_sd');
        if ($daysSinceLast !== null) {
            InvalidInput::unlessWithin($daysSinceLast, 0.0, 400.0, 'The days since the last look', '/days_since_last');
        }
        if ($daysSinceEmpty !== null) {
            InvalidInput::unlessWithin($daysSinceEmpty, 0.0, 4000.0, 'The days it is on', '/days_since_empty');
        }
        if ($lastCappedShare !== null) {
            InvalidInput::unlessWithin($lastCappedShare, 0.0, 1.0, 'The last capped share', '/last_capped_share');
        }
    }

    /** Nothing at all was seen of it. */
    public function isUntouched(): bool
    {
        return $this->frames === [] && $this->readings === [] && $this->weight === null;
    }

    /** Days on which it may have filled since it was empty; null where that is not known. */
    public function daysOfFilling(): ?float
    {
        return $this->daysSinceEmpty === null
            ? null
            : min($this->daysSinceEmpty, $this->daysOfFlow ?? $this->daysSinceEmpty);
    }

    /** Nobody has inspected it, and it has not been on long enough to hold much. */
    public function isPresumedEmpty(RipenessAssumptions $assumptions): bool
    {
        $days = $this->daysOfFilling();

        return $this->isUntouched() && $days !== null && $days < 0.5 * $assumptions->daysToFillSuper;
    }

    /**
     * Whether nectar rained from a frame and nothing has shown since that its open honey is dry enough: such a super
     * is not taken, however much of it is capped (common practice).
     *
     * @param  float  $limitPct  most water of ripe honey
     */
    public function isTooWetToTake(float $limitPct): bool
    {
        if ($this->shake !== Shake::Failed) {
            return false;
        }
        foreach ($this->readings as $reading) {
            if ($reading->of === CellsRead::Open && (new Refractometry)->convert($reading)->waterPct <= $limitPct) {
                return false;
            }
        }

        return true;
    }

    public function allSeen(): bool
    {
        return count(array_filter($this->frames, static fn (Frame $frame): bool => ! $frame->glanced)) >=
            $this->box->framesFitted;
    }

    public function hasBrood(): bool
    {
        foreach ($this->frames as $frame) {
            if ($frame->hasBrood()) {
                return true;
            }
        }

        return false;
    }
}
