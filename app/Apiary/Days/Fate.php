<?php

declare(strict_types=1);

namespace App\Apiary\Days;

/** What becomes of a box when the crew stands at its hive. */
enum Fate: string
{
    /** It goes onto the truck. */
    case Off = 'off';

    /** It stays for now, above a board that empties it. */
    case Above = 'above';

    /** It stays, and is moved below what is cleared. */
    case Below = 'below';

    case Stays = 'stays';
}
