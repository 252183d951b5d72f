<?php

declare(strict_types=1);

namespace Marjoram\Core\Rounds;

/** By which way the bees leave the supers of a visit. */
enum Way: string
{
    case Escape = 'escape';
    case Fume = 'fume';
    case Blower = 'blower';
    case Brush = 'brush';
}
