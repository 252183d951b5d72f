<?php

declare(strict_types=1);

namespace App\Yards;

use App\Models\Box;
use App\Models\BoxKindRow;
use App\Support\Http\Saved;
use App\Support\Units\Formatter;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

/** Box kinds of the operation's own, beside the standard ones. */
final readonly class BoxKindController
{
    public function __construct(private \App\YardState\BoxKindReader $kinds)
    {
    }

    public function store(Request $request, Formatter $format): RedirectResponse
    {
        $values = $request->validate([
            'name' => ['required', 'string', 'max:80'],
            'frames' => ['required', 'integer', 'between:1,30'],
            'comb_area_dm2' => ['required', 'numeric', 'between:0.5,30'],
            'inside_width_mm' => ['required', 'numeric', 'between:100,1000'],
            'external_height_mm' => ['required', 'numeric', 'between:60,600'],
            'external_length_mm' => ['required', 'numeric', 'between:100,1000'],
            'external_width_mm' => ['required', 'numeric', 'gte:inside_width_mm', 'max:1000'],
            'empty_mass' => ['required', 'numeric', 'between:0,'.$format->massValue(40.0)],
        ]);
        $key = 'own-'.Str::slug($values['name']);
        if (isset($this->kinds->all()[$key])) {
            throw ValidationException::withMessages(['name' => __('There is a box kind of this name already.')]);
        }
        $kg = $format->massToKg((float) $values['empty_mass']);
        unset($values['empty_mass']);
        BoxKindRow::query()->create(['key' => $key, 'empty_mass_kg' => round($kg, 3)] + $values);

        return Saved::at(route('yards.index'), __(':name can be put on hives now.', ['name' => $values['name']]));
    }

    public function destroy(BoxKindRow $kind): RedirectResponse
    {
        if (Box::query()->where('kind', $kind->key)->exists()) {
            throw ValidationException::withMessages(['kind' => __('There are boxes of this kind.')]);
        }
        $kind->delete();

        return Saved::at(route('yards.index'), __(':name is in the bin.', ['name' => $kind->name]));
    }
}
