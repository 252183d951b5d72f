<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

/** What to mind before a super is taken. */
enum TakingCaution: string
{
    /** No excluder, and frames not looked at. */
    /** Judged by its capping: without a refractometer about a quarter of such honey is above 18 % (by simulation). */
    case NoRefractometer = 'no-refractometer';

    case LookForTheQueen = 'look-for-the-queen';
}
