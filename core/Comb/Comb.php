<?php

declare(strict_types=1);

namespace Marjoram\Core\Comb;

use Marjoram\Core\InvalidInput;

/**
 * Honey in the frames of a box, from what was seen on their faces. Entry point of the module.
 *
 * A face of share x holds x * area * thickness / 2 * fill * density; the comb's thickness is the
 * spacing of the frames less the passage. Common practice; checked against the trade's 40 lb a super.
 */
final readonly class Comb
{
    private Density $density;

    public function __construct(private CombAssumptions $assumptions = new CombAssumptions)
    {
        $this->density = new Density;
    }

    /**
     * @param  list<Frame>  $frames  those looked at; the others are left out of the totals
     * @param  float  $waterCappedPct  presumed water of capped honey
     * @param  float  $waterOpenPct  presumed water of open honey
     *
     * @throws InvalidInput when a frame is not of this box or the water is out of range
     */
    public function honeyIn(
        FittedBox $box,
        array $frames,
        float $waterCappedPct = 17.5,
        float $waterOpenPct = 20.0,
    ): CombResult {
        $box->assertHolds($frames);
        $perCapped = 0.5 * $this->cappedKgOfFullFrame($box, $waterCappedPct);
        $perOpen = 0.5 * $this->openKgOfFullFrame($box, $waterOpenPct);
        $masses = [];
        $faceVariance = 0.0;
        foreach ($frames as $frame) {
            $masses[] = new FrameHoney(
                $frame->slot,
                ($frame->a->capped + $frame->b->capped) * $perCapped,
                ($frame->a->open + $frame->b->open) * $perOpen,
                $frame->cappedShareOfHoney(0.0),
            );
            foreach ([$frame->a, $frame->b] as $face) {
                $faceVariance +=
                    ($this->assumptions->faceRelativeSd * ($face->capped * $perCapped + $face->open * $perOpen)) ** 2;
            }
        }

        return new CombResult(
            $masses,
            $faceVariance,
            $this->assumptions->boxRelativeSd,
            self::cappedShare($frames),
            $box->kind->emptyMassKg,
        );
    }

    /**
     * Honey of a frame that is capped from edge to edge on both faces, kg.
     *
     * @throws InvalidInput when the water is out of range
     */
    public function cappedKgOfFullFrame(FittedBox $box, float $waterPct = 17.5): float
    {
        return 2.0 * $this->kgOfFullFace($box, $this->assumptions->fillCapped, $waterPct, '/water_pct/capped');
    }

    /**
     * Honey of a frame that is full of open honey on both faces, kg.
     *
     * @throws InvalidInput when the water is out of range
     */
    public function openKgOfFullFrame(FittedBox $box, float $waterPct = 20.0): float
    {
        return 2.0 * $this->kgOfFullFace($box, $this->assumptions->fillOpen, $waterPct, '/water_pct/open');
    }

    /** kg on one face filled from edge to edge. */
    private function kgOfFullFace(FittedBox $box, float $fill, float $waterPct, string $pointer): float
    {
        InvalidInput::unlessWithin($waterPct, 10.0, 30.0, 'The water', $pointer);
        $thicknessMm = max(0.0, $box->kind->insideWidthMm / $box->drawnAt - $this->assumptions->passageMm);

        return (($box->kind->combAreaDm2 * $thicknessMm) / 200.0) * $fill * $this->density->kgPerLitre($waterPct);
    }

    /**
     * How much of the honey of these frames is capped, 0 to 1; null if they hold no honey, or where nobody stated
     * how much of it is open.
     *
     * @param  array<Frame>  $frames
     */
    public static function cappedShare(array $frames): ?float
    {
        if (array_filter($frames, static fn (Frame $frame): bool => ! $frame->gone && ! $frame->saysOpen()) !== []) {
            return null;
        }
        $capped = array_sum(array_map(static fn (Frame $frame): float => $frame->capped(), $frames));
        $honey = array_sum(array_map(static fn (Frame $frame): float => $frame->fill(), $frames));

        return $honey > 0.0 ? min(1.0, $capped / $honey) : null;
    }
}
