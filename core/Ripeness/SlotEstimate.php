<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

use Marjoram\Core\Comb\Face;
use Marjoram\Core\Comb\Kilograms;

/** One slot of a box: what was seen there, or what is expected. */
final readonly class SlotEstimate
{
    /**
     * @param  ?float  $cappedShare  of its honey; null for a frame without honey
     * @param  float  $fill  honey of the comb area, 0 to 1; a comb that may not be built counts by its chance
     * @param  float  $built  probability that its comb is built
     * @param  Kilograms  $honey  of this frame alone
     */
    public function __construct(
        public int $slot,
        public bool $seen,
        public ?float $cappedShare,
        public float $fill,
        public float $built,
        public Kilograms $honey,
    ) {
    }

    /** Both of its faces, as they are estimated. */
    public function honeyFace(): Face
    {
        $fill = min(1.0, $this->fill);
        $capped = $fill * min(1.0, $this->cappedShare ?? 0.0);

        return new Face($capped, max(0.0, $fill - $capped));
    }
}
