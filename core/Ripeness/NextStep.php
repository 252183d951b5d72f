<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

/** What to do next to know more of a super, and what it is worth. */
final readonly class NextStep
{
    private const FRAME_MINUTES = 1.0;

    private const READING_MINUTES = 0.5;

    /**
     * @param  ?int  $slot  of the frame to pull; null for a reading
     * @param  float  $gain  0 to 1: part of the super's honey that is decided better, after the cost of looking
     * @param  float  $gainKg  the same in kg of honey
     * @param  int  $frames  the most frames in mind, and $readings; looks are judged again after each
     */
    public function __construct(
        public ?int $slot,
        public float $gain,
        public float $gainKg,
        public int $frames,
        public int $readings,
    ) {
    }

    public function isReading(): bool
    {
        return $this->slot === null;
    }

    public function minutes(): float
    {
        return $this->isReading() ? self::READING_MINUTES : self::FRAME_MINUTES;
    }

    public function kgAMinute(): float
    {
        return $this->gainKg / $this->minutes();
    }
}
