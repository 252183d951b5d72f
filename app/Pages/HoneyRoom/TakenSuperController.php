<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom;

use App\Apiary\Harvest\LotLedger;
use App\Foundation\Http\Saved;
use App\Models\TakenSuper;
use App\Pages\HoneyRoom\Equipment\RoomScale;
use Illuminate\Http\RedirectResponse;

/** A super weighed before and after spinning: from then on its honey is known, not estimated. */
final class TakenSuperController
{
    public function update(SuperWeightRequest $request, RoomScale $scale, TakenSuper $super): RedirectResponse
    {
        $lot = $super->load(['harvest.lot', 'box'])->harvest->lot ?? abort(404);
        $lot->claim(null);
        $weights = $request->weights($scale);
        $super->update(['before_kg' => $weights->beforeKg, 'after_kg' => $weights->afterKg]);
        LotLedger::settle($lot);

        return Saved::at(
            route('honey-room.lot', $lot->id),
            __(':mark is weighed.', ['mark' => $super->name()]),
        );
    }
}
