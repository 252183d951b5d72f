<?php

declare(strict_types=1);

namespace App\Transfer;

use Closure;

/** What a value of a column may be, as the form that enters it says. */
final readonly class ColumnRule
{
    /**
     * @param  Closure(mixed): bool  $fits
     * @param  string  $allowed  in words
     */
    private function __construct(private Closure $fits, public string $allowed)
    {
    }

    public static function between(float $least, float $most): self
    {
        return new self(
            static fn (mixed $value): bool => is_numeric($value) && (float) $value >= $least && (float) $value <= $most,
            __(':lo to :hi', ['lo' => $least, 'hi' => $most]),
        );
    }

    public static function letters(int $most): self
    {
        return new self(
            static fn (mixed $value): bool => is_string($value) && mb_strlen($value) <= $most,
            __('at most :n letters', ['n' => $most]),
        );
    }

    public static function line(): self
    {
        return new self(
            static fn (mixed $value): bool => ! is_string($value) || strpbrk($value, "\r\n") === false,
            __('one line'),
        );
    }

    public static function pattern(string $pattern, string $allowed): self
    {
        $fits = static fn (mixed $value): bool => is_string($value) && preg_match($pattern, $value) === 1;

        return new self($fits, $allowed);
    }

    /** A list of numbers as JSON. */
    public static function numbers(int $fewest, int $most, float $least, float $largest): self
    {
        return new self(static function (mixed $value) use ($fewest, $most, $least, $largest): bool {
            $list = is_string($value) ? json_decode($value, true) : null;
            if (! is_array($list) || ! array_is_list($list) || count($list) < $fewest || count($list) > $most) {
                return false;
            }

            return array_filter($list, static fn (mixed $one): bool => ! (is_int($one) || is_float($one))
                || $one < $least || $one > $largest) === [];
        }, __(':n to :m numbers of :lo to :hi', ['n' => $fewest, 'm' => $most, 'lo' => $least, 'hi' => $largest]));
    }

    /**
     * JSON of a list or an object.
     *
     * @param  (Closure(array<array-key, mixed>): bool)|null  $fits  what is more asked of it
     */
    public static function json(?Closure $fits = null, string $allowed = ''): self
    {
        return new self(static function (mixed $value) use ($fits): bool {
            $decoded = is_string($value) ? json_decode($value, true) : null;

            return is_array($decoded) && ($fits === null || $fits($decoded));
        }, $allowed === '' ? __('a list or an object as JSON') : $allowed);
    }

    /** @param  Closure(mixed): bool  $fits */
    public static function of(Closure $fits, string $allowed): self
    {
        return new self($fits, $allowed);
    }

    public function fits(mixed $value): bool
    {
        return $value === null || ($this->fits)($value);
    }
}
