<?php

declare(strict_types=1);

namespace Marjoram\Core\Clearing;

/** How likely open combs are found out by other colonies when nothing flowers. */
enum RobbingRisk: string
{
    case Low = 'low';
    case Medium = 'medium';
    case High = 'high';

    /** Person-minutes that the risk counts for in the rank of methods, in a dearth. */
    public function minutes(): float
    {
        return match ($this) {
            self::Low => 0.0,
            self::Medium => 30.0,
            self::High => 90.0,
        };
    }
}
