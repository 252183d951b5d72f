<?php

declare(strict_types=1);

namespace Marjoram\Core\HoneyRoom;

use Marjoram\Core\InvalidInput;

/** Wax of the cappings: one to two hundredths of the honey (common practice). */
final readonly class Cappings
{
    private const LEAST = 0.01;

    private const MOST = 0.02;

    public float $leastKg;

    public float $mostKg;

    /** @throws InvalidInput when the honey is out of range */
    public function __construct(float $honeyKg)
    {
        InvalidInput::unlessWithin($honeyKg, 0.0, 100000.0, 'The honey', '/honey_kg');
        $this->leastKg = self::LEAST * $honeyKg;
        $this->mostKg = self::MOST * $honeyKg;
    }
}
