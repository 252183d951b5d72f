<?php

declare(strict_types=1);

namespace Marjoram\Core\HoneyRoom;

use Marjoram\Core\InvalidInput;

/** A bucket on the scale. */
final readonly class WeighedBucket
{
    /** @throws InvalidInput when it weighs less than its tare */
    public function __construct(public float $grossKg, public float $tareKg)
    {
        InvalidInput::unlessWithin($tareKg, 0.0, 100.0, 'The tare', '/tare_kg');
        if (! is_finite($grossKg) || $grossKg < $tareKg || $grossKg > 1000.0) {
            throw InvalidInput::outOfRange(
                'The gross weight',
                $grossKg,
                sprintf('%s (the tare) to 1000', $tareKg),
                '/gross_kg',
            );
        }
    }

    public function netKg(): float
    {
        return $this->grossKg - $this->tareKg;
    }
}
