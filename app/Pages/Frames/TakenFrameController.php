<?php

declare(strict_types=1);

namespace App\Pages\Frames;

use App\Models\TakenSuper;
use Illuminate\Contracts\View\View;

/** One frame that was taken: where it was, and where it went. */
final class TakenFrameController
{
    public function show(TakenSuper $super): View
    {
        abort_unless($super->isFrame(), 404);

        return view('frames.taken', [
            'frame' => $super->load(['harvest.lot', 'harvest.apiary', 'hive']),
            'moves' => FrameChain::of($super),
            'combs' => CombRequest::combs(),
        ]);
    }
}
