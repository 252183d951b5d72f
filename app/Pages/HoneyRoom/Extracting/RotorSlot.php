<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\Extracting;

/** What stands in a slot of the rotor. */
final readonly class RotorSlot
{
    public function __construct(
        public string $id,
        public string $mark,
        public float $grams,
        public bool $fresh,
        public bool $isSpare,
        public bool $fat = false,
        public bool $isWeighed = false,
        public string $superId = '',
        public int $frame = 0,
    ) {
    }

    /** Where its weight is noted. */
    public function weighedAt(): string
    {
        return route('honey-room.extractor.weigh', [$this->superId, $this->frame]);
    }
}
