<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

use Marjoram\Core\Comb\Comb;
use Marjoram\Core\Comb\CombAssumptions;
use Marjoram\Core\Comb\Face;
use Marjoram\Core\Comb\FittedBox;
use Marjoram\Core\Comb\Frame;
use Marjoram\Core\Comb\Kilograms;

/** The honey of one frame of a box, seen or presumed. */
final readonly class SlotHoney
{
    /** @param  bool  $seen  pulled; else glanced at or presumed */
    private function __construct(
        public int $slot,
        public Frame $frame,
        public Kilograms $honey,
        public bool $seen,
    ) {
    }

    /**
     * @param  list<Frame>  $frames  those known
     * @return array<int, self> by slot; a slot whose frame is gone is not among them
     */
    public static function all(
        FittedBox $box,
        array $frames,
        BoxEstimate $estimate,
        CombAssumptions $assumptions = new CombAssumptions,
    ): array {
        $comb = new Comb($assumptions);
        $known = array_column($frames, null, 'slot');
        $all = [];
        foreach ($estimate->slots as $slot) {
            $frame = $known[$slot->slot] ?? self::presumed($slot);
            if ($frame->gone) {
                continue;
            }
            $kg = $comb->honeyIn($box, [$frame])->honey->kg;
            // Both faces painted with their own errors; of a presumed frame the fill itself is uncertain.
            $painting = $assumptions->faceRelativeSd * $kg / sqrt(2.0);
            $presuming = $slot->fillSd * $kg / max(0.05, $slot->weight);
            $isSeen = isset($known[$slot->slot]) && ! $frame->glanced;
            $honey = new Kilograms($kg, $assumptions->boxRelativeSd * $kg, hypot($painting, $presuming));
            $all[$slot->slot] = new self($slot->slot, $frame, $honey, $isSeen);
        }

        return $all;
    }

    /** An empty frame that is known to stand there. */
    public static function none(int $slot): self
    {
        return new self($slot, new Frame($slot, new Face, new Face, gone: true), new Kilograms(0.0), true);
    }

    private static function presumed(SlotEstimate $slot): Frame
    {
        $capped = $slot->weight * ($slot->cappedShare ?? 0.0);
        $face = new Face($capped, max(0.0, min(1.0 - $capped, $slot->weight - $capped)));

        return new Frame($slot->slot, $face, $face);
    }
}
