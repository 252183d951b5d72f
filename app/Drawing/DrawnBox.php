<?php

declare(strict_types=1);

namespace App\Drawing;

/** A box as it is drawn: true measures in mm, each slot's layers from the top bar down. */
final readonly class DrawnBox
{
    /**
     * @param  list<array{seen: bool, a: array{float, float, float, float}, b: array{float, float, float, float}}>  $slots  capped, open, pollen, brood shares
     * @param  ?string  $mark  glyph of the verdict: take, dry, wait, rearrange, leave, look
     * @param  string  $words  what a screen reader says of it
     */
    public function __construct(
        public float $heightMm,
        public float $widthMm,
        public float $insideMm,
        public array $slots,
        public bool $brood,
        public ?string $mark = null,
        public string $words = '',
        public ?string $href = null,
        public bool $selected = false,
        public string $id = '',
    ) {
    }
}
