<?php

declare(strict_types=1);

namespace App\Apiary\Winter;

/** How a figure was obtained. */
enum HowKnown: string
{
    case Measured = 'measured';
    case Estimated = 'estimated';
    case Presumed = 'presumed';
}
