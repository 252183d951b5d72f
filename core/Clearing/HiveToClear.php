<?php

declare(strict_types=1);

namespace Marjoram\Core\Clearing;

use Marjoram\Core\InvalidInput;

/** A hive whose supers are to come off. */
final readonly class HiveToClear
{
    /**
     * @param  ?int  $frames  that come off where they are taken one by one; null: all of the supers
     * @param  int  $boxesToMoveBelow  supers that stay and stand above one that comes off
     *
     * @throws InvalidInput when a count is out of range
     */
    public function __construct(
        public string $id,
        public int $supers,
        public bool $broodInSupers = false,
        public bool $excluder = true,
        public int $boxesToMoveBelow = 0,
        public ?int $frames = null,
    ) {
        InvalidInput::unlessWithin($frames ?? 0, 0, 240, 'The number of frames', '/frames');
        InvalidInput::unlessWithin($supers, 0, 12, 'The number of supers', '/supers');
        InvalidInput::unlessWithin($boxesToMoveBelow, 0, 12, 'The boxes to move', '/boxes_to_move_below');
    }
}
