<?php

declare(strict_types=1);

namespace App\Support\Units;

use App\Models\User;
use Illuminate\Support\Facades\Auth;

/** How a person wants figures shown and entered; everything is stored in SI. */
final readonly class Preferences
{
    public const SYSTEMS = ['metric', 'us', 'uk'];

    public const THEMES = ['light', 'dark', 'sun'];

    public function __construct(
        public string $system = 'metric',
        public string $theme = 'light',
        public string $paper = 'A4',
    ) {
    }

    public static function ofSignedIn(): self
    {
        $user = Auth::user();

        return $user instanceof User ? self::fromArray($user->preferences ?? []) : new self;
    }

    /** @param  array<string, mixed>  $values */
    public static function fromArray(array $values): self
    {
        $pick = static fn (string $key, array $allowed): string => is_string($values[$key] ?? null) &&
        in_array($values[$key], $allowed, true)
            ? $values[$key]
            : $allowed[0];

        return new self($pick('system', self::SYSTEMS), $pick('theme', self::THEMES), $pick('paper', ['A4', 'letter']));
    }

    public function pounds(): bool
    {
        return $this->system !== 'metric';
    }

    public function fahrenheit(): bool
    {
        return $this->system === 'us';
    }

    public function usGallons(): bool
    {
        return $this->system === 'us';
    }
}
