<?php

declare(strict_types=1);

namespace App\Foundation\Units;

/** The units in which a person reads and enters figures; all are stored in SI. */
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

    /** @param  array<string, mixed>  $values */
    public static function fromArray(array $values): self
    {
        $pick = static function (string $key, array $allowed) use ($values): string {
            $value = $values[$key] ?? null;

            return is_string($value) && in_array($value, $allowed, true) ? $value : $allowed[0];
        };

        return new self($pick('system', self::SYSTEMS), $pick('theme', self::THEMES), $pick('paper', ['A4', 'letter']));
    }

    /**
     * The system of units that is usual where a browser's first language is spoken.
     *
     * @param  string  $languages  as the header Accept-Language has them
     */
    public static function usualIn(string $languages): string
    {
        return match (strtolower(trim(explode(';', explode(',', $languages)[0])[0]))) {
            'en-us' => 'us',
            'en-gb' => 'uk',
            default => 'metric',
        };
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
