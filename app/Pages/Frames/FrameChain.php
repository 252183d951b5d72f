<?php

declare(strict_types=1);

namespace App\Pages\Frames;

use App\Models\FrameMove;
use App\Models\FrameWhy;
use App\Models\TakenSuper;

/** Where a frame was, as far as its moves tell: from slot to slot, back from where it was taken and on from there. */
final class FrameChain
{
    private const MOST = 50;

    /** @return list<FrameMove> the oldest first */
    public static function of(TakenSuper $frame): array
    {
        $own = FrameMove::query()
            ->where('taken_super_id', $frame->id)
            ->with(['from', 'to', 'fromBox', 'toBox'])
            ->orderBy('moved_on')
            ->orderBy('made_at')
            ->get();
        $chain = [];
        for ($move = $own->first(); $move !== null && count($chain) < self::MOST; $move = self::before($move)) {
            array_unshift($chain, $move);
        }

        return [...$chain, ...array_values($own->slice(1)->all())];
    }

    /** The move by which it came into the slot that this one took it out of. */
    private static function before(FrameMove $move): ?FrameMove
    {
        if ($move->from_box_id === null) {
            return null;
        }
        $on = $move->moved_on->format('Y-m-d');
        $into = FrameMove::query()
            ->where('to_box_id', $move->from_box_id)
            ->where('to_slot', $move->from_slot)
            ->where(static fn ($earlier) => $earlier
                ->where('moved_on', '<', $on)
                ->orWhere(static fn ($sameDay) => $sameDay
                    ->where('moved_on', $on)
                    ->where('made_at', '<', $move->made_at)))
            ->with(['from', 'to', 'fromBox', 'toBox'])
            ->orderByDesc('moved_on')
            ->orderByDesc('made_at')
            ->first();

        return $into?->why === FrameWhy::Filled ? null : $into;
    }
}
