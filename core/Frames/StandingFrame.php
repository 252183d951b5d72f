<?php

declare(strict_types=1);

namespace Marjoram\Core\Frames;

/** A frame that stays in its hive. */
final readonly class StandingFrame
{
    /** Below this fill a frame is drawn comb, not honey. */
    public const LEAST_FILL = 0.05;

    /**
     * @param  float  $fill  share of its comb that holds honey
     * @param  bool  $mayMove  without brood or queen
     */
    public function __construct(
        public float $fill,
        public float $cappedShare = 0.0,
        public bool $mayMove = true,
        public string $id = '',
    ) {
    }

    public function hasHoney(): bool
    {
        return $this->fill >= self::LEAST_FILL;
    }
}
