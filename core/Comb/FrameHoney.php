<?php

declare(strict_types=1);

namespace Marjoram\Core\Comb;

/** Honey of one frame, kg; the capped share is null where there is no honey. */
final readonly class FrameHoney
{
    public function __construct(
        public int $slot,
        public float $cappedKg,
        public float $openKg,
        public ?float $cappedShare,
    ) {
    }

    public function honeyKg(): float
    {
        return $this->cappedKg + $this->openKg;
    }
}
