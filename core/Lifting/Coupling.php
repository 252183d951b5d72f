<?php

declare(strict_types=1);

namespace Marjoram\Core\Lifting;

/** How well the hands hold the load. */
enum Coupling: string
{
    /** Handles or cut-outs that fit the hand. */
    case Good = 'good';

    /** Handles of less than optimal shape, or fingers bent under the box. */
    case Fair = 'fair';

    /** A smooth or awkward box without handholds. */
    case Poor = 'poor';

    /** Coupling multiplier; $lowV where the hands are below 75 cm. */
    public function multiplier(bool $lowV): float
    {
        return match ($this) {
            self::Good => 1.0,
            self::Fair => $lowV ? 0.95 : 1.0,
            self::Poor => 0.9,
        };
    }
}
