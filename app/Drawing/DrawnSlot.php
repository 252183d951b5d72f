<?php

declare(strict_types=1);

namespace App\Drawing;

use Marjoram\Core\Comb\Face;

/** A slot of a box as it is drawn: the two faces of its frame, seen or presumed; or a gap. */
final readonly class DrawnSlot
{
    public function __construct(public bool $seen, public Face $a, public Face $b, public bool $gap = false)
    {
    }
}
