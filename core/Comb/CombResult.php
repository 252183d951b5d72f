<?php

declare(strict_types=1);

namespace Marjoram\Core\Comb;

/** Honey of the frames seen in one box, with its standard deviation and the box's mass with it. */
final readonly class CombResult
{
    public float $cappedKg;

    public float $openKg;

    public float $honeyKg;

    public float $sdKg;

    public float $grossKg;

    /** @param  list<FrameHoney>  $frames */
    public function __construct(
        public array $frames,
        float $faceVarianceKg2,
        float $boxRelativeSd,
        public ?float $cappedShare,
        float $emptyMassKg,
    ) {
        $this->cappedKg = array_sum(array_map(static fn (FrameHoney $frame): float => $frame->cappedKg, $frames));
        $this->openKg = array_sum(array_map(static fn (FrameHoney $frame): float => $frame->openKg, $frames));
        $this->honeyKg = $this->cappedKg + $this->openKg;
        $this->sdKg = sqrt(($boxRelativeSd * $this->honeyKg) ** 2 + $faceVarianceKg2);
        $this->grossKg = $this->honeyKg + $emptyMassKg;
    }

    public function framesSeen(): int
    {
        return count($this->frames);
    }
}
