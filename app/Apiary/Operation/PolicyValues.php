<?php

declare(strict_types=1);

namespace App\Apiary\Operation;

/**
 * The choices of a policy by their names, as they are stored and as a form shows them; what is missing has its
 * default.
 */
final readonly class PolicyValues
{
    public const DEFAULTS = [
        'school' => 'capped-and-refractometer',
        'capped_min' => 0.75,
        'water_max_pct' => 18.0,
        'heather_water_max_pct' => 21.0,
        'confidence' => 0.8,
        'unit' => 'supers',
        'clearing' => 'choose',
        'off_after_flow_days' => 14,
        'frame_marks' => 'none',
        'winter_school' => 'computed',
        'winter_boxes' => 2,
        'winter_factor' => 1.0,
        'sugar_to_stores' => 1.0,
        'winter_confidence' => 0.95,
        'winter_from' => '10-01',
        'first_flow' => '04-20',
        'fill_capped' => 0.7,
        'fill_open' => 0.35,
    ];

    /** What a yard or a harvest may have otherwise. */
    public const OVERRIDES = [
        'school',
        'capped_min',
        'water_max_pct',
        'confidence',
        'unit',
        'off_after_flow_days',
        'winter_school',
        'winter_boxes',
        'winter_from',
        'first_flow',
    ];

    /** Shares of 0 to 1 that a form shows as per cent. */
    public const PERCENTS = [
        'capped_min',
        'confidence',
        'winter_confidence',
        'fill_capped',
        'fill_open',
        'sugar_to_stores',
    ];

    /** @param  array<string, mixed>  $values */
    private function __construct(private array $values)
    {
    }

    /** @param  array<string, mixed>|null  ...$layers  the operation's first; a later one stands over an earlier */
    public static function of(?array ...$layers): self
    {
        $given = static fn (mixed $value): bool => $value !== null && $value !== '';
        $set = array_map(static fn (?array $layer): array => array_filter($layer ?? [], $given), $layers);

        return new self(array_replace(self::DEFAULTS, ...array_values($set)));
    }

    public function number(string $key): float
    {
        $value = $this->values[$key] ?? null;

        return is_numeric($value) ? (float) $value : (float) self::DEFAULTS[$key];
    }

    public function text(string $key): string
    {
        $value = $this->values[$key] ?? null;

        return is_string($value) ? $value : (string) self::DEFAULTS[$key];
    }

    /** @return array<array-key, mixed> */
    public function group(string $key): array
    {
        $value = $this->values[$key] ?? [];

        return is_array($value) ? $value : [];
    }

    /**
     * What a form sent, as it is stored: per cent become shares.
     *
     * @param  array<string, mixed>  $sent
     * @return array<string, mixed>
     */
    public static function stored(array $sent): array
    {
        foreach (self::PERCENTS as $percent) {
            if (is_numeric($sent[$percent] ?? null)) {
                $sent[$percent] = round((float) $sent[$percent] / 100.0, 4);
            }
        }

        return $sent;
    }

    /**
     * What a form shows: shares become per cent.
     *
     * @param  array<string, mixed>  $stored
     * @return array<string, mixed>
     */
    public static function shown(array $stored): array
    {
        foreach (self::PERCENTS as $percent) {
            if (is_numeric($stored[$percent] ?? null)) {
                $stored[$percent] = 100 * (float) $stored[$percent];
            }
        }

        return $stored;
    }
}
