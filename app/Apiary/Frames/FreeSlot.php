<?php

declare(strict_types=1);

namespace App\Apiary\Frames;

use App\Apiary\Hives\BoxState;

/** A gap of a box that stands on a hive. */
final readonly class FreeSlot
{
    public function __construct(public BoxState $box, public int $slot)
    {
    }
}
