<?php

declare(strict_types=1);

namespace App\Foundation\Json;

use DateTimeImmutable;

/** Typed reading of what was stored or sent as JSON: what is missing or of another type is the default. */
final readonly class Fields
{
    /** @param  array<array-key, mixed>  $values */
    public function __construct(private array $values)
    {
    }

    public static function of(mixed $values): self
    {
        return new self(is_array($values) ? $values : []);
    }

    public function has(string $key): bool
    {
        return isset($this->values[$key]);
    }

    public function text(string $key, string $default = ''): string
    {
        $value = $this->values[$key] ?? null;

        return is_scalar($value) ? (string) $value : $default;
    }

    public function number(string $key, float $default = 0.0): float
    {
        $value = $this->values[$key] ?? null;

        return is_numeric($value) ? (float) $value : $default;
    }

    public function whole(string $key, int $default = 0): int
    {
        return (int) $this->number($key, (float) $default);
    }

    public function flag(string $key, bool $default = false): bool
    {
        return (bool) ($this->values[$key] ?? $default);
    }

    /** Null if the field is missing, or not a date. */
    public function day(string $key): ?DateTimeImmutable
    {
        $text = $this->text($key);

        return preg_match('/^\d{4}-\d\d-\d\d$/', $text) === 1 ? new DateTimeImmutable($text) : null;
    }

    public function part(string $key): self
    {
        return self::of($this->values[$key] ?? []);
    }

    /** @return list<self> */
    public function parts(string $key): array
    {
        return array_values($this->keyed($key));
    }

    /** @return array<string, self> */
    public function keyed(string $key): array
    {
        $parts = [];
        $of = $this->values[$key] ?? [];
        foreach (is_array($of) ? $of : [] as $name => $value) {
            $parts[(string) $name] = self::of($value);
        }

        return $parts;
    }

    /** @return list<string> */
    public function texts(string $key): array
    {
        $of = $this->values[$key] ?? [];

        return array_map(strval(...), array_values(array_filter(is_array($of) ? $of : [], is_scalar(...))));
    }

    /** @return list<float> */
    public function numbers(string $key): array
    {
        $of = $this->values[$key] ?? [];

        return array_map(floatval(...), array_values(array_filter(is_array($of) ? $of : [], is_numeric(...))));
    }

    /** @return array<array-key, mixed> */
    public function all(): array
    {
        return $this->values;
    }
}
