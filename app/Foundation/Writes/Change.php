<?php

declare(strict_types=1);

namespace App\Foundation\Writes;

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

    /** All values are still as this change left them. */
    public function stands(Model $subject): bool
    {
        $now = $subject->attributesToArray();
        $stored = $subject->getAttributes();
        foreach ($this->new as $key => $left) {
            if (! self::isSame($now[$key] ?? null, $left) && ! self::isSame($stored[$key] ?? null, $left)) {
                return false;
            }
        }

        return true;
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
