<?php

declare(strict_types=1);

namespace App\Pages\Winter;

use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Operation\Policy;
use App\Foundation\Http\Saved;
use App\Foundation\Units\Formatter;
use App\Models\Feeding;
use App\Models\Hive;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** Feed given: syrup by volume, the rest by weight. */
final class FeedController
{
    public function store(Request $request, Hive $hive, CurrentOperation $current, Formatter $f): RedirectResponse
    {
        $values = $request->validate(
            [
                'what' => ['required', Rule::in(array_keys(Feeding::SUGAR))],
                'amount' => ['required', 'numeric', 'gt:0', 'max:200'],
                'fed_on' => ['nullable', 'date_format:Y-m-d', 'after:2000-01-01'],
            ],
            ['amount.gt' => __('An amount must be above zero.')],
        );
        $on = $values['fed_on'] ?? $current->day();
        if ($on > $current->day()) {
            throw ValidationException::withMessages(['fed_on' => __('Feed cannot be dated after today.')]);
        }
        $what = (string) $values['what'];
        $hive->load('stand.apiary');
        $amount = str_starts_with($what, 'syrup')
            ? $f->volumeToLitres((float) $values['amount'])
            : $f->massToKg((float) $values['amount']);
        $sugar = Feeding::SUGAR[$what] * $amount;
        Feeding::query()->create([
            'hive_id' => $hive->id,
            'fed_on' => $on,
            'what' => $what,
            'amount' => round($amount, 3),
            'sugar_kg' => round($sugar, 3),
            'stores_kg' => round(
                $what === 'honey-combs'
                    ? $amount
                    : $sugar * Policy::at($current, $hive->stand->apiary)->winter->sugarToStores,
                3,
            ),
        ]);

        return Saved::at(
            route('winter.hive', [$hive->stand->apiary->slug, $hive->code]),
            __('The feed of :hive is saved.', ['hive' => $hive->code]),
        );
    }

    public function destroy(Feeding $feeding): RedirectResponse
    {
        $feeding->load('hive.stand.apiary')->delete();

        return Saved::at(
            route('winter.hive', [$feeding->hive->stand->apiary->slug, $feeding->hive->code]),
            __('The feed is removed.'),
        );
    }
}
