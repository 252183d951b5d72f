<?php

declare(strict_types=1);

namespace App\Pages\Yards;

use App\Foundation\Http\Saved;
use App\Models\Apiary;
use App\Models\Hive;
use App\Models\Stand;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

final readonly class HiveController
{
    public function store(
        Request $request,
        Apiary $apiary,
        NewHive $maker,
        \App\Apiary\Hives\BoxKindReader $kinds,
    ): RedirectResponse {
        $values = $request->validate([
            'code' => ['nullable', 'string', 'max:12', 'regex:/^[\pL0-9-]+$/u'],
            'brood_kind' => ['required', Rule::in(array_keys($kinds->all()))],
            'brood_boxes' => ['required', 'integer', 'between:0,3'],
            'super_kind' => ['required', Rule::in(array_keys($kinds->all()))],
            'supers' => ['required', 'integer', 'between:0,8'],
            'excluder' => ['sometimes', 'boolean'],
        ]);
        $hive = $maker->make(
            $apiary,
            (int) $values['brood_boxes'],
            $values['brood_kind'],
            (int) $values['supers'],
            $values['super_kind'],
            isset($values['code']) ? mb_strtoupper($values['code']) : null,
            $request->boolean('excluder'),
        );

        return Saved::at(
            route('yards.hive', [$apiary->slug, $hive->code]),
            __('Hive :code is set up.', ['code' => $hive->code]),
        );
    }

    public function update(Request $request, Hive $hive): RedirectResponse
    {
        $values = $request->validate([
            'code' => ['required', 'string', 'max:12', 'regex:/^[\pL0-9-]+$/u'],
            'excluder' => ['sometimes', 'boolean'],
            'notes' => ['nullable', 'string', 'max:2000'],
            'yard' => ['required', 'string'],
            'version' => ['nullable', 'integer'],
        ]);
        $code = mb_strtoupper($values['code']);
        if (Hive::query()->where('code', $code)->whereKeyNot($hive->id)->exists()) {
            throw ValidationException::withMessages([
                'code' => __('Hive :code exists already. Choose another code.', ['code' => $code]),
            ]);
        }
        $hive->load('stand.apiary', 'colony');
        $target =
            Apiary::query()->where('slug', $values['yard'])->first() ??
            throw ValidationException::withMessages(['yard' => __('This yard does not exist. Choose another.')]);
        $hive->claim($values['version'] ?? null);
        if ($target->id !== $hive->stand->apiary_id) {
            $hive->stand_id = Stand::query()->create([
                'apiary_id' => $target->id,
                'number' => (int) Stand::query()->where('apiary_id', $target->id)->max('number') + 1,
            ])->id;
            $hive->colony
                ?->facts()
                ->create([
                    'kind' => 'moved',
                    'happened_on' => NewYard::today(),
                    'hive_id' => $hive->id,
                    'note' => __('from :from to :to', ['from' => $hive->stand->apiary->name, 'to' => $target->name]),
                ]);
        }
        $hive
            ->fill(['code' => $code, 'excluder' => $request->boolean('excluder'), 'notes' => $values['notes'] ?? null])
            ->save();

        return Saved::at(route('yards.hive', [$target->slug, $code]), __('Hive :code is saved.', ['code' => $code]));
    }

    public function destroy(Hive $hive): RedirectResponse
    {
        $hive->load('stand.apiary', 'colony', 'places');
        foreach ($hive->places as $place) {
            $place->update(['until' => NewYard::today()]);
        }
        $hive->colony?->update(['ended_on' => NewYard::today()]);
        $hive->stand->delete();
        $hive->delete();

        return Saved::at(
            route('yards.yard', $hive->stand->apiary->slug),
            __('Hive :code is in the bin, its boxes are in store.', ['code' => $hive->code]),
        );
    }
}
