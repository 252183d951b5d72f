<?php

declare(strict_types=1);

namespace Marjoram\Core\HoneyRoom;

use Marjoram\Core\InvalidInput;

/** A bucket of honey, or a part of one, with its water. */
final readonly class WetBucket
{
    /** @throws InvalidInput when a value is out of range */
    public function __construct(public string $id, public float $kg, public float $waterPct)
    {
        InvalidInput::unlessWithin($kg, 0.0, 10000.0, 'The mass', '/kg');
        InvalidInput::unlessWithin($waterPct, 10.0, 30.0, 'The water', '/water_pct');
    }
}
