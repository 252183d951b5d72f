<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\Door;

use App\Apiary\Harvest\LotLedger;
use App\Models\BoxPlace;
use App\Models\TakenSuper;
use Illuminate\Validation\ValidationException;

/** Puts a super that was counted as taken back on its hive, as if it had not been taken. */
final class StayedAtHive
{
    /** @throws ValidationException where that cannot be: it is a frame, or the box stands elsewhere by now */
    public function take(TakenSuper $super): void
    {
        if ($super->isFrame()) {
            throw ValidationException::withMessages([
                'where' => __('Give a frame back by its mark, on the page of its lot.'),
            ]);
        }
        $places = BoxPlace::query()->where('box_id', $super->box_id)->lockForUpdate()->get();
        $was = $places
            ->where('hive_id', $super->hive_id)
            ->filter(static fn (BoxPlace $one): bool => $one->until?->isSameDay($super->harvest->taken_on) === true)
            ->last();
        if ($was === null || $places->contains(static fn (BoxPlace $one): bool => $one->until === null)) {
            throw ValidationException::withMessages(['where' => __('Box :mark is on another hive now.', [
                'mark' => $super->box->mark,
            ])]);
        }
        $was->update(['until' => null]);
        $super->delete();
        if ($super->harvest->lot !== null) {
            LotLedger::settle($super->harvest->lot);
        }
    }
}
