<?php

declare(strict_types=1);

namespace App\Account;

use App\Models\Apiary;
use App\Operation\CurrentOperation;
use App\Operation\Policy;
use App\Support\Http\Saved;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Marjoram\Core\Ripeness\RipenessSchool;

/** The schools of the operation; each change makes a new version, which verdicts name from then on. */
final class PolicyController
{
    public function show(CurrentOperation $current): View
    {
        return view('account.policy', [
            'values' => array_replace(Policy::DEFAULTS, $current->get()->policy),
            'version' => $current->get()->policy_version,
            'apiaries' => Apiary::query()->with('harvestPolicies')->orderBy('position')->get(),
            'schools' => self::schools(),
        ]);
    }

    public function update(Request $request, CurrentOperation $current): RedirectResponse
    {
        $values = $request->validate([
            'school' => ['required', Rule::enum(RipenessSchool::class)],
            'capped_min' => ['required', 'numeric', 'between:0,100'],
            'water_max_pct' => ['required', 'numeric', 'between:14,25'],
            'heather_water_max_pct' => ['required', 'numeric', 'between:14,25'],
            'confidence' => ['required', 'numeric', 'between:50,99'],
            'unit' => ['required', Rule::in(['supers', 'frames'])],
            'clearing' => ['required', Rule::in(Policy::CLEARING)],
            'off_after_flow_days' => ['sometimes', 'integer', 'between:0,90'],
            'winter_school' => ['sometimes', Rule::in(Policy::WINTER)],
            'winter_boxes' => ['sometimes', 'integer', 'between:1,10'],
            'sugar_to_stores' => ['sometimes', 'numeric', 'between:10,150'],
            'winter_confidence' => ['required', 'numeric', 'between:50,99.9'],
            'winter_from' => ['required', 'date_format:m-d'],
            'first_flow' => ['required', 'date_format:m-d'],
            'fill_capped' => ['required', 'numeric', 'between:30,95'],
            'fill_open' => ['required', 'numeric', 'between:5,90'],
        ]);
        foreach (
            ['capped_min', 'confidence', 'winter_confidence', 'fill_capped', 'fill_open', 'sugar_to_stores'] as $percent
        ) {
            if (! isset($values[$percent])) {
                continue;
            }
            $values[$percent] = round((float) $values[$percent] / 100.0, 4);
        }
        $operation = $current->get();
        // What own weighings said stays until it is taken back where it was taken in.
        $values += array_intersect_key(
            $operation->policy,
            array_flip([
                'fill_factors',
                'winter_factor',
                'winter_school',
                'winter_boxes',
                'sugar_to_stores',
                'off_after_flow_days',
            ]),
        );
        $operation->adopt($values);

        return Saved::at(
            route('account.policy'),
            __('The policy is saved as version :n.', ['n' => $operation->policy_version]),
        );
    }

    /** @return array<string, string> */
    public static function schools(): array
    {
        return [
            RipenessSchool::CappedAndRefractometer->value => __('capped share with the refractometer'),
            RipenessSchool::CappedOnly->value => __('fully capped only'),
            RipenessSchool::Capped90->value => __('at least 90 % capped'),
            RipenessSchool::Refractometer->value => __('refractometer alone'),
        ];
    }
}
