<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

/** How heavy a super feels when it is lifted at one side. */
enum Heft: string
{
    case Light = 'light';
    case Half = 'half';
    case Heavy = 'heavy';

    /** Honey as a share of a super full of capped honey (from memory). */
    public function share(): float
    {
        return match ($this) {
            self::Light => 0.2,
            self::Half => 0.5,
            self::Heavy => 0.8,
        };
    }
}
