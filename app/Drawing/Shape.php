<?php

declare(strict_types=1);

namespace App\Drawing;

use Illuminate\Support\HtmlString;

/** One element of a drawing: a path, a box, a word; or the beginning or end of what holds others. */
final readonly class Shape
{
    /**
     * @param  string  $printed  its attributes as they are printed, escaped
     * @param  ?string  $words  inside of it
     * @param  bool  $opens  others follow until it is closed
     * @param  bool  $closes  the end of what was opened
     * @param  ?string  $of  the hive's code or the box's id that it stands for, where one of them may be chosen
     */
    private function __construct(
        public string $tag,
        private string $printed,
        public ?string $words,
        public bool $opens = false,
        public bool $closes = false,
        public ?string $of = null,
    ) {
    }

    /** @param  array<string, string|int|float>  $attributes */
    public static function whole(string $tag, array $attributes, ?string $words = null): self
    {
        return new self($tag, self::print($attributes), $words);
    }

    /** @param  array<string, string|int|float>  $attributes */
    public static function opening(string $tag, array $attributes): self
    {
        $of = $attributes['data-box'] ?? $attributes['data-code'] ?? null;

        return new self($tag, self::print($attributes), null, true, of: $of === null ? null : (string) $of);
    }

    public static function closing(string $tag): self
    {
        return new self($tag, '', null, closes: true);
    }

    /** Printed when it is made, not by a loop of the view: a page has thousands of them. */
    public function attributes(): HtmlString
    {
        return new HtmlString($this->printed);
    }

    /** @param  array<string, string|int|float>  $attributes */
    private static function print(array $attributes): string
    {
        $printed = '';
        foreach ($attributes as $name => $value) {
            $printed .= " $name=\"".(is_string($value) ? e($value) : $value).'"';
        }

        return $printed;
    }
}
