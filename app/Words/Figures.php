<?php

declare(strict_types=1);

namespace App\Words;

use App\Foundation\Units\Formatter;
use BackedEnum;
use DateTimeImmutable;

/** The figures of a statement, each as its reader wants it. */
final readonly class Figures
{
    /** @param  array<string, mixed>  $values */
    public function __construct(private array $values, private Formatter $format)
    {
    }

    public function float(string $name): float
    {
        $value = $this->values[$name] ?? null;

        return is_numeric($value) ? (float) $value : 0.0;
    }

    /** Rounded to so many decimals. */
    public function number(string $name, int $decimals = 0): string
    {
        return Formatter::number($this->float($name), $decimals);
    }

    /** A share of 0 to 1 as whole per cent, without the sign. */
    public function percent(string $name): string
    {
        return Formatter::number(100.0 * $this->float($name), 0);
    }

    public function day(string $name): string
    {
        $value = $this->values[$name] ?? null;

        return $value instanceof DateTimeImmutable ? $this->format->weekday($value) : '–';
    }

    /** The value of a case, or a word. */
    public function word(string $name): string
    {
        $value = $this->values[$name] ?? '';

        return $value instanceof BackedEnum ? (string) $value->value : (is_scalar($value) ? (string) $value : '');
    }

    public function list(string $name): string
    {
        $value = $this->values[$name] ?? [];

        return implode(', ', array_filter(is_array($value) ? $value : [], is_string(...)));
    }

    /** So many things, rounded up: what is lacking has to be found whole. */
    public function whole(string $name): string
    {
        return Formatter::number(ceil($this->float($name) - 1e-6), 0);
    }
}
