<?php

declare(strict_types=1);

namespace App\Apiary\Operation;

/**
 * The choices of a policy by their names, as they are stored and as a form shows them; what is missing has its
 * default.
 */
final readonly class PolicyValues
{
    /** @param  array<string, mixed>  $values */
    private function __construct(private array $values)
    {
    }

    /** @param  array<string, mixed>|null  ...$layers  the operation's first; a later one stands over an earlier */
    public static function of(?array ...$layers): self
    {
        $given = static fn (mixed $value): bool => $value !== null && $value !== '';
        $set = array_map(static fn (?array $layer): array => array_filter($layer ?? [], $given), $layers);

        return new self(array_replace(...array_values($set)));
    }

    public function number(PolicyOption $option): float
    {
        $value = $this->values[$option->value] ?? null;

        return is_numeric($value) ? (float) $value : (float) $option->default();
    }

    public function text(PolicyOption $option): string
    {
        $value = $this->values[$option->value] ?? null;

        return is_string($value) ? $value : (string) $option->default();
    }

    /** @return array<array-key, mixed> */
    public function group(string $key): array
    {
        $value = $this->values[$key] ?? [];

        return is_array($value) ? $value : [];
    }

    /**
     * What a form sent, as it is stored: per cent become shares, and days are kept as the north has them.
     *
     * @param  array<string, mixed>  $sent
     * @param  bool  $south  of the equator: its days are half a year away
     * @return array<string, mixed>
     */
    public static function stored(array $sent, bool $south = false): array
    {
        $share = static fn (float $percent): float => round($percent / 100.0, 4);

        return self::scaled(self::turned($sent, $south), $share);
    }

    /**
     * What a form shows: shares become per cent, and days are those of the place.
     *
     * @param  array<string, mixed>  $stored
     * @return array<string, mixed>
     */
    public static function shown(array $stored, bool $south = false): array
    {
        return self::scaled(self::turned($stored, $south), static fn (float $share): float => 100 * $share);
    }

    /**
     * The same of a whole operation: what nobody chose has its default.
     *
     * @param  array<string, mixed>  $stored
     * @return array<string, mixed>
     */
    public static function shownWhole(array $stored, bool $south = false): array
    {
        foreach (PolicyOption::cases() as $option) {
            $stored[$option->value] ??= $option->default();
        }

        return self::shown($stored, $south);
    }

    /**
     * @param  array<string, mixed>  $values
     * @return array<string, mixed>
     */
    private static function turned(array $values, bool $south): array
    {
        foreach ($south ? [PolicyOption::WinterFrom, PolicyOption::FirstFlow] : [] as $option) {
            $value = $values[$option->value] ?? null;
            if (is_string($value) && $value !== '') {
                $values[$option->value] = MonthDay::opposite($value);
            }
        }

        return $values;
    }

    /**
     * @param  array<string, mixed>  $values
     * @param  callable(float): float  $scale
     * @return array<string, mixed>
     */
    private static function scaled(array $values, callable $scale): array
    {
        foreach (PolicyOption::cases() as $option) {
            $value = $values[$option->value] ?? null;
            if ($option->isPercent() && is_numeric($value)) {
                $values[$option->value] = $scale((float) $value);
            }
        }

        return $values;
    }
}
