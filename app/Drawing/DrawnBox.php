<?php

declare(strict_types=1);

namespace App\Drawing;

/** A box as it is drawn: true measures in mm, its combs from the left. */
final readonly class DrawnBox
{
    /**
     * @param  list<DrawnSlot>  $slots
     * @param  ?string  $mark  glyph of the verdict: take, dry, wait, rearrange, leave, look
     * @param  string  $words  what a screen reader says of it
     */
    public function __construct(
        public string $id,
        public float $heightMm,
        public float $widthMm,
        public float $insideMm,
        public array $slots,
        public bool $brood,
        public ?string $mark = null,
        public string $words = '',
        public ?string $href = null,
    ) {
    }
}
