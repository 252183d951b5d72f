<?php

declare(strict_types=1);

namespace Marjoram\Core\Frames;

/** One frame goes from a slot to a free one. */
final readonly class FrameShift
{
    public function __construct(
        public string $fromBox,
        public int $fromSlot,
        public string $toBox,
        public int $toSlot,
    ) {
    }
}
