<?php

declare(strict_types=1);

namespace Marjoram\Core\Comb;

/** What may fill a part of a face; in the order from the top bar downwards. What is left is empty. */
enum Content: string
{
    case Capped = 'capped';
    case Open = 'open';
    case Pollen = 'pollen';
    case Brood = 'brood';
}
