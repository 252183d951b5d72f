<?php

declare(strict_types=1);

namespace App\Pages\Yards;

use App\Apiary\Operation\PolicyOption;
use App\Apiary\Operation\PolicyValues;
use App\Foundation\Http\Saved;
use App\Models\Apiary;
use App\Models\HarvestPolicy;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** What a yard, or one harvest of it, has otherwise than the operation's policy. */
final class YardPolicyController
{
    public function update(Request $request, Apiary $apiary): RedirectResponse
    {
        $apiary->update(['policy' => self::overrides($request->validate(PolicyOption::ofOverrides()), $apiary)]);

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
            ] + PolicyOption::ofOverrides(),
        );
        $clash = HarvestPolicy::query()
            ->where('apiary_id', $apiary->id)
            ->where('starts_on', '<=', $values['ends_on'])
            ->where('ends_on', '>=', $values['starts_on'])
            ->first();
        if ($clash !== null) {
            throw ValidationException::withMessages([
                'starts_on' => __('These days belong to ":name" already (:from to :to). Harvests cannot overlap.', [
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
            'policy' => self::overrides($values, $apiary),
        ]);

        return Saved::at(
            route('yards.yard', $apiary->slug).'#policy',
            __('The harvest ":name" is saved.', ['name' => $values['name']]),
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

    /**
     * @param  array<string, mixed>  $values
     * @return array<string, mixed>|null null where nothing differs
     */
    private static function overrides(array $values, Apiary $apiary): ?array
    {
        $given = array_filter(
            array_intersect_key($values, PolicyOption::ofOverrides()),
            static fn (mixed $value): bool => $value !== null && $value !== '',
        );

        return $given === [] ? null : PolicyValues::stored($given, $apiary->latitude < 0.0);
    }
}
