<?php

declare(strict_types=1);

namespace App\Yards;

use App\Models\Apiary;
use App\Models\HarvestPolicy;
use App\Operation\PolicyValues;
use App\Support\Http\Saved;
use App\Wording\Choices;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Marjoram\Core\Reserve\WinterSchool;
use Marjoram\Core\Ripeness\RipenessSchool;

/** What a yard, or one harvest of it, has otherwise than the operation's policy. */
final class YardPolicyController
{
    public function update(Request $request, Apiary $apiary): RedirectResponse
    {
        $apiary->update(['policy' => self::overrides($request->validate(self::rules()))]);

        return Saved::at(
            route('yards.yard', $apiary->slug).'#policy',
            __('The policy of :yard is saved.', ['yard' => $apiary->name]),
        );
    }

    public function store(Request $request, Apiary $apiary): RedirectResponse
    {
        $values = $request->validate(
            [
                'name' => ['required', 'string', 'max:60'],
                'starts_on' => ['required', 'date_format:Y-m-d', 'after:2000-01-01', 'before:2100-01-01'],
                'ends_on' => ['required', 'date_format:Y-m-d', 'after_or_equal:starts_on', 'before:2100-01-01'],
                'heather' => ['sometimes', 'boolean'],
            ] + self::rules(),
        );
        $clash = HarvestPolicy::query()
            ->where('apiary_id', $apiary->id)
            ->where('starts_on', '<=', $values['ends_on'])
            ->where('ends_on', '>=', $values['starts_on'])
            ->first();
        if ($clash !== null) {
            throw ValidationException::withMessages([
                'starts_on' => __('These days belong to ":name" already (:from to :to); a day has one harvest.', [
                    'name' => $clash->name,
                    'from' => $clash->starts_on->format('Y-m-d'),
                    'to' => $clash->ends_on->format('Y-m-d'),
                ]),
            ]);
        }
        HarvestPolicy::query()->create([
            'apiary_id' => $apiary->id,
            'name' => $values['name'],
            'starts_on' => $values['starts_on'],
            'ends_on' => $values['ends_on'],
            'heather' => $request->boolean('heather'),
            'policy' => self::overrides($values),
        ]);

        return Saved::at(
            route('yards.yard', $apiary->slug).'#policy',
            __('The harvest ":name" is noted.', ['name' => $values['name']]),
        );
    }

    public function destroy(HarvestPolicy $harvestPolicy): RedirectResponse
    {
        $harvestPolicy->load('apiary')->delete();

        return Saved::at(
            route('yards.yard', $harvestPolicy->apiary->slug).'#policy',
            __('The harvest ":name" is removed.', ['name' => $harvestPolicy->name]),
        );
    }

    /** @return array<string, list<mixed>> */
    private static function rules(): array
    {
        return [
            'school' => ['nullable', Rule::enum(RipenessSchool::class)],
            'capped_min' => ['nullable', 'numeric', 'between:0,100'],
            'water_max_pct' => ['nullable', 'numeric', 'between:14,25'],
            'confidence' => ['nullable', 'numeric', 'between:50,99'],
            'unit' => ['nullable', Rule::in(array_keys(Choices::unitsOfTaking()))],
            'off_after_flow_days' => ['nullable', 'integer', 'between:0,90'],
            'winter_school' => ['nullable', Rule::enum(WinterSchool::class)],
            'winter_boxes' => ['nullable', 'integer', 'between:1,10'],
            'winter_from' => ['nullable', 'date_format:m-d'],
            'first_flow' => ['nullable', 'date_format:m-d'],
        ];
    }

    /**
     * @param  array<string, mixed>  $values
     * @return array<string, mixed>|null null where nothing differs
     */
    private static function overrides(array $values): ?array
    {
        $given = array_filter(
            array_intersect_key($values, array_flip(PolicyValues::OVERRIDES)),
            static fn (mixed $value): bool => $value !== null && $value !== '',
        );

        return $given === [] ? null : PolicyValues::stored($given);
    }
}
