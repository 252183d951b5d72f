<?php

declare(strict_types=1);

namespace App\Pages\Yards;

use App\Foundation\Http\Saved;
use App\Models\Colony;
use App\Models\Queen;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** Queens are corrected and removed here; they are given to hives with ColonyController. */
final class QueenController
{
    public function update(Request $request, Queen $queen): RedirectResponse
    {
        $values = $request->validate([
            'code' => ['required', 'string', 'max:30'],
            'line' => ['required', 'string', 'max:30'],
            'year' => ['required', 'integer', 'between:2000,2100'],
            'version' => ['nullable', 'integer'],
        ]);
        if (Queen::query()->where('code', $values['code'])->whereKeyNot($queen->id)->exists()) {
            throw ValidationException::withMessages([
                'code' => __('Queen :code exists already.', ['code' => $values['code']]),
            ]);
        }
        $queen
            ->claim($values['version'] ?? null)
            ->update(['code' => $values['code'], 'line' => $values['line'], 'year' => $values['year']]);

        return Saved::at(route('yards.index'), __('Queen :code is corrected.', ['code' => $queen->code]));
    }

    public function destroy(Queen $queen): RedirectResponse
    {
        if (Colony::query()->where('queen_id', $queen->id)->whereNull('ended_on')->exists()) {
            throw ValidationException::withMessages([
                'queen' => __('Queen :code heads a colony. Give it another queen first.', ['code' => $queen->code]),
            ]);
        }
        $queen->delete();

        return Saved::at(route('yards.index'), __('Queen :code is in the bin.', ['code' => $queen->code]));
    }
}
