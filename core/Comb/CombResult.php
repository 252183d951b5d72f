<?php

declare(strict_types=1);

namespace Marjoram\Core\Comb;

/** Honey of the frames seen in one box, with its spread and the box's mass with it. */
final readonly class CombResult
{
    public float $cappedKg;

    public float $openKg;

    public Kilograms $honey;

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
        $kg = $this->cappedKg + $this->openKg;
        $this->honey = new Kilograms($kg, $boxRelativeSd * $kg, sqrt($faceVarianceKg2));
        $this->grossKg = $kg + $emptyMassKg;
    }

    public function framesSeen(): int
    {
        return count($this->frames);
    }
}
