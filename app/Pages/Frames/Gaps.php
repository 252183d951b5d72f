<?php

declare(strict_types=1);

namespace App\Pages\Frames;

/** What becomes of slots that are left without a frame. */
enum Gaps: string
{
    case Left = 'left';

    /** Drawn or empty frames from store fill them. */
    case FromStore = 'store';

    /** The frames that stay are set wider, at even distances. */
    case Spaced = 'spaced';
}
