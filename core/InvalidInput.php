<?php

declare(strict_types=1);

namespace Marjoram\Core;

use InvalidArgumentException;

/**
 * The one refusal of the core: says what was wrong, where, and what is allowed.
 *
 * The pointer is a JSON pointer into the input of the computation, such as `/readings/0/value`. The message is for
 * programs; an application translates the sentence, in which `:name` stands for each of the figures.
 */
final class InvalidInput extends InvalidArgumentException
{
    private const RANGE = ':what is :value; allowed: :allowed.';

    private const UNKNOWN = ':what ":value" is not known; allowed: :allowed.';

    /** @param  array<string, string|int|float>  $figures  by their names in the sentence */
    private function __construct(
        public readonly string $sentence,
        public readonly array $figures,
        public readonly string $pointer,
        public readonly string $allowed,
    ) {
        $words = [];
        foreach ($figures as $name => $value) {
            $words[":$name"] = $value.(str_ends_with((string) $name, '_kg') ? ' kg' : '');
        }
        parent::__construct(strtr($sentence, $words));
    }

    /** A number outside its range: `$allowed` reads as "58 to 90". */
    public static function outOfRange(string $what, float|int $value, string $allowed, string $pointer = ''): self
    {
        $figures = ['what' => $what, 'value' => self::number($value), 'allowed' => $allowed];

        return new self(self::RANGE, $figures, $pointer, $allowed);
    }

    /** A word outside its list. */
    public static function unknown(string $what, string $value, string $allowed, string $pointer = ''): self
    {
        return new self(
            self::UNKNOWN,
            ['what' => $what, 'value' => $value, 'allowed' => $allowed],
            $pointer,
            $allowed,
        );
    }

    /**
     * Values that contradict each other, in a sentence of its own.
     *
     * @param  array<string, string|int|float>  $figures  for each :name in the sentence; a name that ends in `_kg` is
     *                                                    a mass, which a reader may want in another unit
     */
    public static function because(
        string $sentence,
        string $allowed,
        string $pointer = '',
        array $figures = [],
    ): self {
        return new self($sentence, $figures, $pointer, $allowed);
    }

    /** The same refusal seen from an enclosing structure. */
    public function under(string $prefix): self
    {
        return new self($this->sentence, $this->figures, $prefix.$this->pointer, $this->allowed);
    }

    /**
     * Checks a range, both ends allowed.
     *
     * @throws self when the value is not finite or lies outside
     */
    public static function unlessWithin(float $value, float $lo, float $hi, string $what, string $pointer = ''): void
    {
        if (! is_finite($value) || $value < $lo || $value > $hi) {
            throw self::outOfRange($what, $value, self::number($lo).' to '.self::number($hi), $pointer);
        }
    }

    private static function number(float|int $value): string
    {
        $text = number_format((float) $value, 4, '.', '');

        return is_finite((float) $value) ? rtrim(rtrim($text, '0'), '.') : 'not a number';
    }
}
