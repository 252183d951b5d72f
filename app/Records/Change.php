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

        return array_filter(
            $this->old,
            fn (string $key): bool => ($now[$key] ?? null) == ($this->new[$key] ?? null),
            ARRAY_FILTER_USE_KEY,
        );
    }
}
