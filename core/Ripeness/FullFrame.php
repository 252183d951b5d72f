<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

use Marjoram\Core\Comb\Comb;
use Marjoram\Core\Comb\CombAssumptions;
use Marjoram\Core\Comb\FittedBox;

/** What a full frame of a box holds, capped or open, and how far that may be off. */
final readonly class FullFrame
{
    private function __construct(
        public int $frames,
        public float $cappedKg,
        public float $openKg,
        public float $boxRelativeSd,
        public float $faceRelativeSd,
    ) {
    }

    /**
     * Honey of a frame, kg.
     *
     * @param  float  $capped  capped area, as a share of the comb; $fill: capped and open
     */
    public function kg(float $capped, float $fill): float
    {
        return $this->cappedKg * $capped + $this->openKg * ($fill - $capped);
    }

    public static function of(FittedBox $box, CombAssumptions $assumptions): self
    {
        $comb = new Comb($assumptions);

        return new self(
            $box->framesFitted,
            $comb->cappedKgOfFullFrame($box),
            $comb->openKgOfFullFrame($box),
            $assumptions->boxRelativeSd,
            $assumptions->faceRelativeSd,
        );
    }
}
