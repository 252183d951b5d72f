<?php

declare(strict_types=1);

namespace Marjoram\Core\Yields;

use Marjoram\Core\InvalidInput;

/** What one hive, with one queen, gave in one season. */
final readonly class YieldRecord
{
    /** @throws InvalidInput when the mass is negative */
    public function __construct(
        public string $hive,
        public string $apiary,
        public int $season,
        public ?string $queen,
        public float $kg,
        public bool $swarmed = false,
        public bool $split = false,
    ) {
        InvalidInput::unlessWithin($kg, 0.0, 1000.0, 'The yield', '/kg');
    }
}
