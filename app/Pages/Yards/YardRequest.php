<?php

declare(strict_types=1);

namespace App\Pages\Yards;

use App\Apiary\Operation\PolicyOption;
use App\Foundation\Http\MeasuredRequest;
use App\Foundation\Places\PlaceByName;
use App\Foundation\Units\Preferences;
use Illuminate\Validation\Rule;

/** A yard with its first hives; also the first step of a new operation. */
final class YardRequest extends MeasuredRequest
{
    protected function prepareForValidation(): void
    {
        app(PlaceByName::class)->into($this);
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'latitude.required' => __('Where is the yard? Enter a town near it, or its latitude.'),
            'longitude.required' => __('Where is the yard? Enter a town near it, or its longitude.'),
        ];
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $kinds = array_keys(
            $this->routeIs('start.*')
                ? \Marjoram\Core\Comb\BoxKinds::standard()
                : app(\App\Apiary\Hives\BoxKindReader::class)->all(),
        );

        return [
            'operation' => ['nullable', 'string', 'max:120'],
            'time_zone' => ['nullable', 'timezone:all'],
            'system' => ['nullable', Rule::in(Preferences::SYSTEMS)],
            'name' => ['required', 'string', 'max:80', 'not_regex:/^(plans|rounds|drives|find|boxes|hives|frames|table)$/i'],
            'letter' => ['required', 'alpha', 'max:3'],
            'latitude' => ['required', 'numeric', 'between:-66,70'],
            'longitude' => ['required', 'numeric', 'between:-180,180'],
            'heather' => ['sometimes', 'boolean'],
            'hives' => ['required', 'integer', 'between:0,60'],
            'brood_kind' => ['required', Rule::in($kinds)],
            'brood_boxes' => ['required', 'integer', 'between:1,3'],
            'super_kind' => ['required', Rule::in($kinds)],
            'supers' => ['required', 'integer', 'between:0,8'],
            PolicyOption::Refractometer->value => ['nullable', ...PolicyOption::Refractometer->rules()],
            PolicyOption::WinterSchool->value => ['nullable', ...PolicyOption::WinterSchool->rules()],
        ];
    }

    /** @return array<string, string> the choices of a policy that a new operation is asked for */
    public function policy(): array
    {
        $policy = [];
        foreach ([PolicyOption::Refractometer->value, PolicyOption::WinterSchool->value] as $option) {
            if ($this->text($option) !== '') {
                $policy[$option] = $this->text($option);
            }
        }

        return $policy;
    }
}
