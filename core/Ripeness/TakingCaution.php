<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

/** What to mind before a super is taken. */
enum TakingCaution: string
{
    /** No excluder, and frames not looked at. */
    case LookForTheQueen = 'look-for-the-queen';
}
