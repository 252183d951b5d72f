<?php

declare(strict_types=1);

namespace Marjoram\Core\Lifting;

/** What to do about a load, by its lifting index. */
enum LiftAdvice: string
{
    case OnePerson = 'one person';
    case TwoPeople = 'two people or split the load';
    case NotWhole = 'do not lift whole: frame by frame or tilt';

    public static function of(float $index): self
    {
        return match (true) {
            $index <= 1.0 => self::OnePerson,
            $index <= 3.0 => self::TwoPeople,
            default => self::NotWhole,
        };
    }
}
