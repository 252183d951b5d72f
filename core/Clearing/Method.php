<?php

declare(strict_types=1);

namespace Marjoram\Core\Clearing;

/** How the bees leave the supers. */
enum Method: string
{
    /** Frame by frame into a covered box. */
    case Brush = 'brush';

    /** A one-way board under the supers, for a night or more. */
    case EscapeBoard = 'escape-board';

    /** A pad with repellent on top; needs warmth. */
    case FumeBoard = 'fume-board';

    /** Air through the frame gaps. */
    case Blower = 'blower';
}
