<?php

declare(strict_types=1);

namespace App\Apiary\Operation;

use Illuminate\Validation\Rule;
use Marjoram\Core\Clearing\Method;
use Marjoram\Core\Reserve\WinterSchool;
use Marjoram\Core\Ripeness\RipenessSchool;

/** What may be entered for the choices of a policy, as a form sends them: shares in per cent. */
final class PolicyRules
{
    /** Where these are left out of a form of the whole operation, what is in force stays. */
    private const MAY_BE_LEFT_OUT = [
        'off_after_flow_days',
        'frame_marks',
        'winter_school',
        'winter_boxes',
        'sugar_to_stores',
    ];

    /** @return array<string, list<mixed>> for the operation: all of them */
    public static function whole(): array
    {
        $rules = [];
        foreach (self::allowed() as $key => $allowed) {
            $rules[$key] = [in_array($key, self::MAY_BE_LEFT_OUT, true) ? 'sometimes' : 'required', ...$allowed];
        }

        return $rules;
    }

    /** @return array<string, list<mixed>> for a yard or a harvest: what is empty is as everywhere */
    public static function overrides(): array
    {
        $allowed = array_intersect_key(self::allowed(), array_flip(PolicyValues::OVERRIDES));

        return array_map(static fn (array $rules): array => ['nullable', ...$rules], $allowed);
    }

    /** @return array<string, list<mixed>> */
    private static function allowed(): array
    {
        return [
            'school' => [Rule::enum(RipenessSchool::class)],
            'capped_min' => ['numeric', 'between:0,100'],
            'water_max_pct' => ['numeric', 'between:14,25'],
            'heather_water_max_pct' => ['numeric', 'between:14,25'],
            'confidence' => ['numeric', 'between:50,99'],
            'unit' => [Rule::in(['supers', 'frames'])],
            'clearing' => [Rule::in(['choose', ...array_column(Method::cases(), 'value')])],
            'off_after_flow_days' => ['integer', 'between:0,90'],
            'frame_marks' => [Rule::in(['none', 'yard', 'hive'])],
            'winter_school' => [Rule::enum(WinterSchool::class)],
            'winter_boxes' => ['integer', 'between:1,10'],
            'sugar_to_stores' => ['numeric', 'between:10,150'],
            'winter_confidence' => ['numeric', 'between:50,99.9'],
            'winter_from' => ['date_format:m-d'],
            'first_flow' => ['date_format:m-d'],
            'fill_capped' => ['numeric', 'between:30,95'],
            'fill_open' => ['numeric', 'between:5,90'],
        ];
    }
}
