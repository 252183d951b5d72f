<?php

declare(strict_types=1);

namespace App\Apiary\Days;

/** What hands do at a hive. */
enum Act: string
{
    case MoveBelow = 'below';
    case LiftOff = 'off';
    case BoardOn = 'board';
}
