<?php

declare(strict_types=1);

namespace Marjoram\Core;

use InvalidArgumentException;

/**
 * The one refusal of the core: says what was wrong, where, and what is allowed.
 *
 * The pointer is a JSON pointer into the input of the computation, such as `/readings/0/value`.
 */
final class InvalidInput extends InvalidArgumentException
{
    private function __construct(
        string $message,
        public readonly string $pointer,
        public readonly string $allowed,
    ) {
        parent::__construct($message);
    }

    /** A number outside its range: `$allowed` reads as "58 to 90". */
    public static function outOfRange(string $what, float|int $value, string $allowed, string $pointer = ''): self
    {
        return new self(sprintf('%s is %s; allowed: %s.', $what, self::number($value), $allowed), $pointer, $allowed);
    }

    /** A word outside its list. */
    public static function unknown(string $what, string $value, string $allowed, string $pointer = ''): self
    {
        return new self(sprintf('%s "%s" is not known; allowed: %s.', $what, $value, $allowed), $pointer, $allowed);
    }

    /** Values that contradict each other, in a sentence of its own. */
    public static function because(string $sentence, string $allowed, string $pointer = ''): self
    {
        return new self($sentence, $pointer, $allowed);
    }

    /** The same refusal seen from an enclosing structure. */
    public function under(string $prefix): self
    {
        return new self($this->getMessage(), $prefix.$this->pointer, $this->allowed);
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
        return is_finite((float) $value) ? rtrim(rtrim(number_format((float) $value, 4, '.', ''), '0'), '.') : 'not a number';
    }
}
