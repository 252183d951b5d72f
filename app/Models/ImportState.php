<?php

declare(strict_types=1);

namespace App\Models;

/** How far a whole operation has been read in. */
enum ImportState: string
{
    case Waiting = 'waiting';
    case Reading = 'reading';
    case Done = 'done';
    case Refused = 'refused';

    public function isOver(): bool
    {
        return $this === self::Done || $this === self::Refused;
    }
}
