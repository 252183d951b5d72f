<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\Batches;

use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Http\Saved;
use App\Models\Bucket;
use App\Models\Pour;
use App\Models\PourWhy;
use Illuminate\Http\RedirectResponse;

/** Honey of a bucket that goes into no tank: for the bees, spilled, given away in the bucket. */
final readonly class PourController
{
    public function store(
        PourRequest $request,
        Pouring $pouring,
        CurrentOperation $current,
        Bucket $bucket,
    ): RedirectResponse {
        $kg = $request->kg('kg') ?? $bucket->load('pours')->leftKg();
        $pouring->pour([$bucket->id => $kg], $request->why(), null, $current->day());

        return Saved::at(
            route('honey-room.lot', $bucket->lot_id),
            __('Bucket :n: :why.', ['n' => $bucket->number, 'why' => PourWhy::away()[$request->why()->value]]),
        );
    }

    public function destroy(Pour $pour): RedirectResponse
    {
        $pour->claim(null)->load(['bucket', 'batch.fills.kind', 'batch.pours.bucket']);
        if ($pour->batch !== null) {
            BatchController::mustHoldWithout($pour->batch, $pour->kg);
        }
        $pour->delete();

        return Saved::at(route('honey-room.lot', $pour->bucket->lot_id), __('The pouring is undone.'));
    }
}
