<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom;

use App\Models\TakenSuper;

/** A frame on its way through the extractor. */
final readonly class SuperFrame
{
    /**
     * @param  bool  $isWeighed  by itself, on the scale
     * @param  bool  $fat  its comb stands out beyond the wood: fewer frames stood in the box than it has room for
     */
    public function __construct(
        public TakenSuper $super,
        public int $slot,
        public float $aKg,
        public float $bKg,
        private float $emptyKg,
        public bool $fresh,
        public bool $fat = false,
        public bool $isWeighed = false,
    ) {
    }

    /** Unique among all frames of the honey room. */
    public function id(): string
    {
        return "{$this->super->id}-$this->slot";
    }

    public function honeyKg(): float
    {
        return $this->aKg + $this->bKg;
    }

    public function grams(): float
    {
        return round(1000.0 * ($this->emptyKg + $this->honeyKg()), 1);
    }

    /** Its name: the mark written on it, or its super and slot. */
    public function mark(): string
    {
        return $this->super->title().($this->super->isFrame() ? '' : "/$this->slot");
    }
}
