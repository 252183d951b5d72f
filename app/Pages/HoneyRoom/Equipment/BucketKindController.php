<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\Equipment;

use App\Foundation\Http\Saved;
use App\Models\BucketKind;
use Illuminate\Http\RedirectResponse;
use Marjoram\Core\HoneyRoom\RoomAssumptions;

/** Kinds of buckets with their tare: weighed once, then chosen by a tap. */
final class BucketKindController
{
    public function store(BucketKindRequest $request): RedirectResponse
    {
        $name = $request->text('name');
        $holds = $request->kg('holds') ?? 0.0;
        $usual = round((new RoomAssumptions)->bucketTareShare * $holds, 2);
        $values = ['tare_kg' => $request->kg('tare') ?? $usual, 'holds_kg' => $holds];
        $known = BucketKind::query()->where('name', $name)->lockForUpdate()->first();
        $known === null ? BucketKind::query()->create(['name' => $name] + $values) : $known->update($values);

        return Saved::at(route('honey-room.equipment'), __(':name is saved.', ['name' => $name]));
    }

    public function destroy(BucketKind $bucketKind): RedirectResponse
    {
        $bucketKind->delete();

        return Saved::at(route('honey-room.equipment'), __(':name is in the bin.', ['name' => $bucketKind->name]));
    }
}
