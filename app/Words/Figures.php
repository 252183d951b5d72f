<?php

declare(strict_types=1);

namespace App\Words;

use App\Foundation\Units\Formatter;
use BackedEnum;
use DateTimeInterface;

/** The figures of what the core says, each as its reader wants it: by what it is, or by the end of its name. */
final readonly class Figures
{
    /** Shares of 0 to 1, said as whole per cent. */
    private const SHARES = ['p', 'asked', 'share', 'low', 'high'];

    /** What is lacking has to be found whole. */
    private const ROUNDED_UP = ['short', 'supers', 'room'];

    public function __construct(private Formatter $format)
    {
    }

    /**
     * @param  array<string, mixed>  $figures
     * @return array<string, string>
     */
    public function said(array $figures): array
    {
        $said = [];
        foreach ($figures as $name => $value) {
            $said[$name] = match (true) {
                $value instanceof DateTimeInterface => $this->format->weekday($value),
                $value instanceof BackedEnum => Names::of($value),
                is_array($value) => implode(', ', array_filter($value, is_string(...))),
                is_int($value), is_float($value) => $this->number($name, (float) $value),
                default => is_scalar($value) ? (string) $value : '',
            };
        }

        return $said;
    }

    private function number(string $name, float $value): string
    {
        return match (true) {
            in_array($name, self::SHARES, true) => Formatter::number(100.0 * $value, 0),
            in_array($name, self::ROUNDED_UP, true) => Formatter::number(ceil($value - 1e-6), 0),
            $name === 'pct' || str_ends_with($name, '_pct') => Formatter::number($value, 1),
            $name === 'celsius' => $this->format->celsius($value),
            $name === 'kg' => ($value > 0.0 ? '+' : '').$this->format->kg($value, 2),
            $name === 'g' || str_ends_with($name, '_n') => number_format($value),
            default => Formatter::number($value, 0),
        };
    }
}
