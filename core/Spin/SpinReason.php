<?php

declare(strict_types=1);

namespace Marjoram\Core\Spin;

/** Why a step is as it is. */
enum SpinReason: string
{
    case FirstHalfSlow = 'first-half-slow';
    case FreshComb = 'fresh-comb';
    case FullSpeed = 'full-speed';
    case LastOfFirst = 'last-of-first';
    case OutOfBalance = 'out-of-balance';
    case NotToBeBalanced = 'not-to-be-balanced';
    case Thick = 'thick';
}
