<?php

declare(strict_types=1);

namespace Marjoram\Core\Flow;

/** How the scale hive's weight moves, by the mean of the last full days (common practice). */
enum Phase: string
{
    case Strong = 'strong';
    case Slow = 'slow';
    case None = 'none';
    case Losing = 'losing';
    case Unknown = 'unknown';

    public static function of(?float $kgPerDay): self
    {
        return match (true) {
            $kgPerDay === null => self::Unknown,
            $kgPerDay >= 1.0 => self::Strong,
            $kgPerDay >= 0.15 => self::Slow,
            $kgPerDay > -0.15 => self::None,
            default => self::Losing,
        };
    }

    /** Prior odds, not probability, that the flow is over. */
    public function priorOdds(): float
    {
        return match ($this) {
            self::Strong => 0.02,
            self::Slow => 0.25,
            self::None => 1.5,
            self::Losing => 3.0,
            self::Unknown => 1.0,
        };
    }
}
