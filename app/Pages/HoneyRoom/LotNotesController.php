<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom;

use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Http\Saved;
use App\Models\Lot;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Notes on a lot beside its weights: colour, taste, plants, cappings. */
final readonly class LotNotesController
{
    public function update(Request $request, Lot $lot): RedirectResponse
    {
        $values = $request->validate([
            'pfund_mm' => ['nullable', 'integer', 'between:0,140'],
            'taste' => ['nullable', 'string', 'max:200'],
            'plants' => ['nullable', 'string', 'max:200'],
        ]);
        $lot->claim(null)->update([
            'pfund_mm' => $values['pfund_mm'] ?? null,
            'taste' => $values['taste'] ?? '',
            'plants' => $values['plants'] ?? '',
        ]);

        return Saved::at(route('honey-room.lot', $lot->id), __('Saved.'));
    }

    public function cappings(CappingRequest $request, CurrentOperation $current, Lot $lot): RedirectResponse
    {
        $lot->claim(null);
        $values = [
            'wax_kg' => $request->kg('wax'),
            'honey_kg' => $request->kg('honey'),
            'weighed_on' => $current->day(),
        ];
        $known = $lot->capping()->first();
        $known === null ? $lot->capping()->create($values) : $known->update($values);

        return Saved::at(route('honey-room.lot', $lot->id), __('The cappings are saved.'));
    }
}
