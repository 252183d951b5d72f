<?php

declare(strict_types=1);

namespace Marjoram\Core\Rounds;

use Marjoram\Core\InvalidInput;

/** What truck and honey room hold, in supers, and what stands in the honey room already. */
final readonly class Capacity
{
    /** @throws InvalidInput when a number is negative or beyond reason */
    public function __construct(public float $truckSupers, public float $holdSupers, public float $heldSupers = 0.0)
    {
        InvalidInput::unlessWithin($truckSupers, 0.0, 10000.0, 'What the truck holds', '/truck_supers');
        InvalidInput::unlessWithin($holdSupers, 0.0, 10000.0, 'What the honey room holds', '/hold_supers');
        InvalidInput::unlessWithin($heldSupers, 0.0, 10000.0, 'The supers held', '/held_supers');
    }
}
