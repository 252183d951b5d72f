<?php

declare(strict_types=1);

namespace App\HoneyRoom;

use App\Models\Bucket;
use App\Models\Lot;
use App\Operation\CurrentOperation;
use App\Support\Http\Saved;
use DateTimeZone;
use Illuminate\Http\RedirectResponse;

final readonly class BucketController
{
    public function __construct(private CurrentOperation $current)
    {
    }

    public function store(BucketRequest $request, Lot $lot): RedirectResponse
    {
        $number = (int) Bucket::withBinned()->where('lot_id', $lot->id)->max('number') + 1;
        $lot->buckets()->create([
            'number' => $number,
            'gross_kg' => $request->kg('gross'),
            'tare_kg' => $request->kg('tare'),
            'water_pct' => $request->water(),
            'weighed_at' => $this->current->now()->setTimezone(new DateTimeZone('UTC')),
        ]);
        KeepAllotment::of($lot);

        return Saved::at(route('honey-room.lot', $lot->id), __('Bucket :n is weighed.', ['n' => $number]));
    }

    public function update(BucketRequest $request, Bucket $bucket): RedirectResponse
    {
        $bucket
            ->claim($request->input('version'))
            ->update([
                'gross_kg' => $request->kg('gross'),
                'tare_kg' => $request->kg('tare'),
            ] + ($request->has('water') ? ['water_pct' => $request->water()] : []));
        KeepAllotment::of($bucket->load('lot')->lot);

        return Saved::at(
            route('honey-room.lot', $bucket->lot_id),
            __('Bucket :n is corrected.', ['n' => $bucket->number]),
        );
    }

    public function destroy(Bucket $bucket): RedirectResponse
    {
        $bucket->load('lot')->delete();
        KeepAllotment::of($bucket->lot);

        return Saved::at(
            route('honey-room.lot', $bucket->lot_id),
            __('Bucket :n is in the bin.', ['n' => $bucket->number]),
        );
    }
}
