<?php

declare(strict_types=1);

namespace App\Drawing;

/** One element of a drawing: a path, a box, a word; or the beginning or end of what holds others. */
final readonly class Shape
{
    /**
     * @param  array<string, string|int|float>  $attributes
     * @param  ?string  $words  inside of it
     * @param  bool  $opens  others follow until it is closed
     * @param  bool  $closes  the end of what was opened
     */
    public function __construct(
        public string $tag,
        public array $attributes = [],
        public ?string $words = null,
        public bool $opens = false,
        public bool $closes = false,
    ) {
    }
}
