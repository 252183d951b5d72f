<?php

declare(strict_types=1);

namespace App\Frames;

use App\Models\BoxPlace;
use App\Models\FrameMove;
use App\Models\Hive;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Validation\ValidationException;

/**
 * Holds the hives of frames until a write is done: of two who take one frame at once the second is told, as what it has
 * read is not what is stored any more.
 */
final class HeldFrames
{
    /**
     * @param  list<FrameOffer>  $frames
     * @param  ?string  $alsoHive  id of the hive that they go to
     * @return Collection<string, Hive> by id
     *
     * @throws ValidationException where something of these boxes was moved meanwhile
     */
    public static function hold(array $frames, ?string $alsoHive = null): Collection
    {
        $boxes = array_values(array_unique(array_map(static fn (FrameOffer $one): string => $one->box->id, $frames)));
        $hives = array_map(static fn (FrameOffer $one): string => $one->box->hiveId, $frames);
        $moves = static fn () => FrameMove::query()
            ->where(static fn ($that) => $that->whereIn('from_box_id', $boxes)->orWhereIn('to_box_id', $boxes));
        // A plain read sees what this request has seen so far, a locking one what is stored.
        $seen = $moves()->pluck('id')->sort()->values()->all();
        $held = Hive::query()->whereKey([...$hives, $alsoHive ?? ''])->orderBy('id')->lockForUpdate()->get();
        $stored = $moves()->lockForUpdate()->pluck('id')->sort()->values()->all();
        $standing = BoxPlace::query()
            ->whereIn('box_id', $boxes)
            ->whereIn('hive_id', $hives)
            ->whereNull('until')
            ->lockForUpdate()
            ->count();
        if ($seen !== $stored || $standing !== count($boxes)) {
            throw ValidationException::withMessages([
                'f' => __('Somebody took or moved one of these frames just now.'),
            ]);
        }

        return $held->load('colony')->keyBy('id');
    }
}
