<?php

declare(strict_types=1);

namespace Marjoram\Core\Moisture;

/** Which cells a reading is of, where the keeper said so; a mixed sample says it of neither. */
enum CellsRead: string
{
    case Open = 'open';
    case Capped = 'capped';
}
