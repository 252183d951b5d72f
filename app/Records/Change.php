<?php

declare(strict_types=1);

namespace App\Records;

use Illuminate\Database\Eloquent\Model;

/** What one line of the audit trail changed: the values before and after. */
final readonly class Change
{
    /**
     * @param  array<string, mixed>  $old
     * @param  array<string, mixed>  $new
     */
    private function __construct(public ?string $event, public array $old, public array $new)
    {
    }

    public static function of(Activity $line): self
    {
        /** @var array<string, mixed> $old */
        $old = $line->properties?->get('old', []) ?? [];
        /** @var array<string, mixed> $new */
        $new = $line->properties?->get('attributes', []) ?? [];

        return new self($line->event, $old, $new);
    }

    /**
     * Only the values that are still as this change left them go back.
     *
     * @return array<string, mixed>
     */
    public function stillStanding(Model $subject): array
    {
        $now = $subject->attributesToArray();
        $stored = $subject->getAttributes();
        $same = fn (string $key): bool => self::isSame($now[$key] ?? null, $this->new[$key] ?? null)
            || self::isSame($stored[$key] ?? null, $this->new[$key] ?? null);

        return array_filter($this->old, $same, ARRAY_FILTER_USE_KEY);
    }

    /** A value stored as JSON is the same whatever the order of its keys. */
    private static function isSame(mixed $now, mixed $then): bool
    {
        $plain = static fn (mixed $value): mixed => is_string($value) && str_starts_with($value, '{')
            ? json_decode($value, true)
            : $value;

        return $plain($now) == $plain($then);
    }
}
