<?php

declare(strict_types=1);

namespace App\Models;

/** Where the search for a schedule stands. */
enum SearchState: string
{
    case Waiting = 'waiting';
    case Planning = 'planning';
    case Stopping = 'stopping';
    case Done = 'done';
    case Failed = 'failed';

    public function isRunning(): bool
    {
        return in_array($this, [self::Waiting, self::Planning, self::Stopping], true);
    }
}
