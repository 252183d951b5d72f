<?php

declare(strict_types=1);

namespace Marjoram\Core\Flow;

use DateTimeImmutable;
use Marjoram\Core\InvalidInput;

/** The weight of a hive on its scale at a time. */
final readonly class ScaleReading
{
    /** @throws InvalidInput when the weight is outside 0 to 500 kg */
    public function __construct(public DateTimeImmutable $at, public float $kg)
    {
        InvalidInput::unlessWithin($kg, 0.0, 500.0, 'The weight', '/kg');
    }
}
