<?php

declare(strict_types=1);

namespace App\Transfer;

use App\Apiary\Operation\PolicyOption;
use App\Apiary\Operation\PolicyValues;
use App\Devices\AllowedAddress;
use Illuminate\Support\Facades\Validator;
use Marjoram\Core\Comb\BoxKinds;

/**
 * What the values of a whole operation may be when they come in: the same as in the forms that enter them. A column is
 * found by its table and name, or else by its name in any table; what is in neither list is held by its type and by
 * the database.
 */
final class Limits
{
    private const NAME = 80;

    private const NOTES = 2000;

    /** @var array<string, ColumnRule> by table and column, or by column */
    private readonly array $limits;

    /** @var array<array-key, true> keys of the operation's own kinds of box */
    private array $ownKinds = [];

    public function __construct()
    {
        $this->limits = $this->ofTables() + $this->ofSettings() + self::ofNames();
    }

    /** The kinds of box that the document brings. */
    public function know(string $kind): void
    {
        $this->ownKinds[$kind] = true;
    }

    /** @throws Unreadable if a form would not take the value */
    public function check(string $table, WholeColumn $column, mixed $value): void
    {
        $limit = $this->limits["$table.$column->name"] ?? $this->limits[$column->name] ?? null;
        if ($limit !== null && ! $limit->fits($value)) {
            throw Unreadable::because(__('":value" is not allowed; allowed: :allowed', [
                'value' => is_scalar($value) ? mb_substr((string) $value, 0, 40) : '?',
                'allowed' => $limit->allowed,
            ]));
        }
    }

    /** @return array<string, ColumnRule> */
    private function ofTables(): array
    {
        $kind = ColumnRule::of(
            fn (mixed $value): bool => is_string($value)
                && (isset(BoxKinds::standard()[$value]) || isset($this->ownKinds[$value])),
            __('a box kind that is known here or comes with the file'),
        );

        return [
            'apiaries.slug' => ColumnRule::pattern('/^[a-z0-9]+(-[a-z0-9]+)*$/', __('small letters, digits and hyphens')),
            'apiaries.climate' => ColumnRule::numbers(12, 12, -60.0, 60.0),
            'apiaries.climate_sd' => ColumnRule::between(0.0, 20.0),
            'apiaries.policy' => self::policy(PolicyOption::ofOverrides()),
            'harvest_policies.policy' => self::policy(PolicyOption::ofOverrides()),
            'box_kinds.frames' => ColumnRule::between(1, 30),
            'box_kinds.comb_area_dm2' => ColumnRule::between(0.5, 30),
            'box_kinds.inside_width_mm' => ColumnRule::between(100, 1000),
            'box_kinds.external_width_mm' => ColumnRule::between(100, 1000),
            'box_kinds.external_length_mm' => ColumnRule::between(100, 1000),
            'box_kinds.external_height_mm' => ColumnRule::between(60, 600),
            'box_kinds.empty_mass_kg' => ColumnRule::between(0, 40),
            'boxes.kind' => $kind,
            'box_weighings.kind' => $kind,
            'box_weighings.slots' => ColumnRule::numbers(0, 40, 1, 40),
            'assessments.eye' => ColumnRule::json(static fn (array $eye): bool => is_numeric($eye['offset'] ?? null)
                && is_numeric($eye['slope'] ?? null), __('an offset and a slope')),
            'hive_weighings.readings' => ColumnRule::numbers(1, 20, 0, 500),
            'jar_fills.weights' => ColumnRule::numbers(0, 500, 0, 100_000),
            'decisions.frozen' => ColumnRule::json(),
            'taken_supers.frozen' => ColumnRule::json(),
            'taken_supers.frame_grams' => ColumnRule::json(),
            'scale_readings.kg' => ColumnRule::between(0, 500),
            'scale_weights.kg' => ColumnRule::between(0, 500),
            'past_yields.kg' => ColumnRule::between(0, 400),
            'drives.minutes' => ColumnRule::between(0, 1440),
            'treatments.what' => ColumnRule::line(),
            'instruments.address' => self::address(),
            'instruments.offset' => ColumnRule::between(-10, 10),
            'moisture_readings.value' => ColumnRule::between(0, 100),
            'eyes.offset' => ColumnRule::between(-1, 1),
            'eyes.slope' => ColumnRule::between(-2, 2),
        ];
    }

    /** @return array<string, ColumnRule> of the operation */
    private function ofSettings(): array
    {
        return [
            'operations.name' => ColumnRule::letters(120),
            'operations.time_zone' => ColumnRule::of(
                static fn (mixed $value): bool => in_array($value, \DateTimeZone::listIdentifiers(), true),
                __('a time zone'),
            ),
            'operations.policy' => self::policy(array_map(
                // What is missing has its default.
                static fn (array $rules): array => ['sometimes', ...array_diff($rules, ['required'])],
                PolicyOption::ofOperation(),
            )),
            'operations.policy_version' => ColumnRule::between(1, 1_000_000),
            'operations.kit' => ColumnRule::json(static fn (array $kit): bool => array_filter($kit, static fn (mixed $one): bool => ! is_bool($one)
                && ! (is_int($one) && $one >= 0 && $one <= 2000)) === [], __('numbers of boards from 0 to 2000')),
            'operations.crew' => ColumnRule::between(1, 20),
            'operations.extractor' => ColumnRule::between(2, 120),
            'operations.extractor_radius_cm' => ColumnRule::between(10, 150),
            'operations.extractor_rpm' => ColumnRule::between(30, 1000),
            'operations.extractor_force_n' => ColumnRule::between(10, 5000),
        ];
    }

    /** @return array<string, ColumnRule> in any table */
    private static function ofNames(): array
    {
        $share = ColumnRule::between(0, 1);
        $shares = [];
        foreach (['a', 'b'] as $side) {
            foreach (['capped', 'open', 'brood', 'pollen'] as $content) {
                $shares["{$side}_$content"] = $share;
            }
        }
        $slot = ColumnRule::between(0, 40);
        $mass = ColumnRule::between(-1000, 100_000);

        return $shares + [
            'latitude' => ColumnRule::between(-66, 70),
            'longitude' => ColumnRule::between(-180, 180),
            'season' => ColumnRule::between(1950, 2100),
            'year' => ColumnRule::between(1950, 2100),
            'comb_year' => ColumnRule::between(1950, 2100),
            'frames_fitted' => ColumnRule::between(1, 30),
            'combs_drawn_at' => ColumnRule::between(1, 30),
            'slot' => $slot,
            'from_slot' => $slot,
            'to_slot' => $slot,
            'carrier_slot' => $slot,
            'position' => ColumnRule::between(0, 500),
            'number' => ColumnRule::between(0, 60_000),
            'rain_p' => $share,
            'sun' => $share,
            'min_c' => ColumnRule::between(-60, 60),
            'max_c' => ColumnRule::between(-60, 60),
            'celsius' => ColumnRule::between(-40, 60),
            'temperature_c' => ColumnRule::between(-40, 60),
            'humidity_pct' => ColumnRule::between(0, 100),
            'water_pct' => ColumnRule::between(5, 60),
            'frames_of_bees' => ColumnRule::between(0, 100),
            'kg' => $mass,
            'gross_kg' => $mass,
            'tare_kg' => $mass,
            'estimate_kg' => $mass,
            'own_sd_kg' => ColumnRule::between(0, 1000),
            'name' => ColumnRule::letters(self::NAME),
            'code' => ColumnRule::line(),
            'letter' => ColumnRule::line(),
            'line' => ColumnRule::line(),
            'note' => ColumnRule::line(),
            'whom' => ColumnRule::line(),
            'file_name' => ColumnRule::line(),
            'notes' => ColumnRule::letters(self::NOTES),
        ];
    }

    /** @param  array<string, list<mixed>>  $rules  of a form, in per cent where it shows per cent */
    private static function policy(array $rules): ColumnRule
    {
        return ColumnRule::json(static function (array $stored) use ($rules): bool {
            $named = [];
            foreach ($stored as $key => $value) {
                $named[(string) $key] = $value;
            }

            return Validator::make(PolicyValues::shown($named), $rules)->passes();
        }, __('the choices of a policy'));
    }

    private static function address(): ColumnRule
    {
        return ColumnRule::of(
            static fn (mixed $value): bool => $value === '' || (is_string($value) && AllowedAddress::configured()->allows($value)),
            __('an address that this installation allows for instruments'),
        );
    }
}
