<?php

declare(strict_types=1);

namespace Marjoram\Core\Json;

use DateTimeImmutable;
use Marjoram\Core\InvalidInput;

/**
 * Typed reading of JSON that was stored or sent: a field that is missing or of another type gives the default.
 * Where a wrong type must be refused, read with a schema instead.
 */
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

    /** Whether the field is there, even as null: something was said, namely nothing. */
    public function says(string $key): bool
    {
        return array_key_exists($key, $this->values);
    }

    public function text(string $key, string $default = ''): string
    {
        $value = $this->values[$key] ?? null;

        return is_scalar($value) ? (string) $value : $default;
    }

    public function number(string $key, float $default = 0.0): float
    {
        return $this->optional($key) ?? $default;
    }

    public function optional(string $key): ?float
    {
        $value = $this->values[$key] ?? null;

        return is_numeric($value) ? (float) $value : null;
    }

    public function whole(string $key, int $default = 0): int
    {
        return $this->optionalWhole($key) ?? $default;
    }

    public function optionalWhole(string $key): ?int
    {
        $value = $this->optional($key);

        return $value === null ? null : (int) $value;
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

    /**
     * @template T
     *
     * @param  callable(self): T  $make
     * @return T
     *
     * @throws InvalidInput with a pointer to the part that is refused
     */
    public function one(string $key, callable $make): mixed
    {
        try {
            return $make($this->part($key));
        } catch (InvalidInput $refusal) {
            throw $refusal->under("/$key");
        }
    }

    /** @return list<self> */
    public function parts(string $key): array
    {
        return array_values($this->keyed($key));
    }

    /** @return array<array-key, self>  by name; a name such as 12 has become a number, as the key of any array */
    public function keyed(string $key): array
    {
        $parts = [];
        $of = $this->values[$key] ?? [];
        foreach (is_array($of) ? $of : [] as $name => $value) {
            $parts[(string) $name] = self::of($value);
        }

        return $parts;
    }

    /**
     * @template T
     *
     * @param  callable(self): T  $make
     * @return list<T>
     *
     * @throws InvalidInput with a pointer to the one that is refused
     */
    public function each(string $key, callable $make): array
    {
        $made = [];
        foreach ($this->parts($key) as $i => $part) {
            try {
                $made[] = $make($part);
            } catch (InvalidInput $refusal) {
                throw $refusal->under("/$key/$i");
            }
        }

        return $made;
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
