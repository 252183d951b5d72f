<?php

declare(strict_types=1);

namespace Marjoram\Core\HoneyRoom;

use Marjoram\Core\InvalidInput;

/** A super in the honey room: weighed before and after spinning, or only estimated in the yard. */
final readonly class SuperShare
{
    private function __construct(
        public string $id,
        public string $hive,
        public float $kg,
        public float $ownSdKg,
        public bool $weighed,
    ) {
    }

    /** @throws InvalidInput when a mass is negative */
    public static function estimated(string $id, string $hive, float $kg, float $ownSdKg): self
    {
        InvalidInput::unlessWithin($kg, 0.0, 200.0, 'The estimate', '/estimate_kg');
        InvalidInput::unlessWithin($ownSdKg, 0.0, 100.0, 'The spread of the estimate', '/sd_own_kg');

        return new self($id, $hive, $kg, $ownSdKg, false);
    }

    /** @throws InvalidInput when the super weighs more after than before */
    public static function weighed(string $id, string $hive, float $beforeKg, float $afterKg): self
    {
        InvalidInput::unlessWithin($beforeKg, 0.0, 200.0, 'The weight before', '/before_kg');
        InvalidInput::unlessWithin($afterKg, 0.0, $beforeKg, 'The weight after', '/after_kg');

        return new self($id, $hive, $beforeKg - $afterKg, 0.0, true);
    }
}
