<?php

declare(strict_types=1);

namespace App\Drawing;

use Illuminate\Support\HtmlString;

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

    /** Its attributes as they are printed, escaped: a drawing has thousands, too many for a loop of the view. */
    public function printed(): HtmlString
    {
        $printed = '';
        foreach ($this->attributes as $name => $value) {
            $printed .= " $name=\"".(is_string($value) ? e($value) : $value).'"';
        }

        return new HtmlString($printed);
    }

    public function isOf(?string $box, ?string $code): bool
    {
        return ($box !== null && ($this->attributes['data-box'] ?? null) === $box)
            || ($code !== null && ($this->attributes['data-code'] ?? null) === $code);
    }
}
