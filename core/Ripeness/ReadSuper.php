<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

/** All that the frames of a super say, before shake test and readings. */
final readonly class ReadSuper
{
    /**
     * @param  array<int, SlotExpectation>  $slots  those that hold a frame, by slot
     * @param  int  $unstated  frames whose rest nobody stated
     */
    public function __construct(
        public array $slots,
        public UnbuiltOuter $outer,
        public LevelAndSide $level,
        public BoxShare $box,
        public FullFrame $full,
        public int $unstated,
    ) {
    }
}
