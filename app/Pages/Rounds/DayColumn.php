<?php

declare(strict_types=1);

namespace App\Pages\Rounds;

/** Where a day stands in the picture of a schedule. */
final readonly class DayColumn
{
    public function __construct(
        public float $x,
        public float $wide,
        public float $height,
        public bool $chosen,
        public bool $first,
    ) {
    }

    public function middle(): float
    {
        return $this->x + 0.5 * $this->wide;
    }
}
