<?php

declare(strict_types=1);

namespace App\Pages\Frames;

use App\Apiary\Frames\FreeSlots;
use App\Apiary\Frames\WetFrames;
use App\Apiary\Harvest\Journey;
use App\Apiary\Hives\HiveState;
use App\Apiary\Hives\YardReader;
use App\Apiary\Inspections\CombNote;
use App\Foundation\Http\Saved;
use App\Models\FrameMove;
use App\Models\FrameWhy;
use App\Models\Hive;
use App\Models\Lot;
use App\Models\Station;
use App\Models\TakenSuper;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;

/** Wet frames go back by their marks: to hive, box and slot, or the nearest gap of the box; else into store. */
final readonly class ReturnController
{
    public function __construct(private YardReader $yards, private WetFrames $wet, private Journey $journey)
    {
    }

    public function store(ReturnRequest $request, Lot $lot): RedirectResponse
    {
        $wet = $this->wet->held($lot->claim(null), $request->toStore());
        $frames = $request->chosen($wet);
        if ($frames === []) {
            throw ValidationException::withMessages(['to' => __('No frame of this lot is here now.')]);
        }
        $record = new MoveRecord($request->day());
        $free = new FreeSlots($request->toStore() ? [] : $this->hives($lot, $wet));
        // Each has its place among all of them, whichever goes first.
        $slots = array_intersect_key($free->for($wet), array_flip(array_column($frames, 'id')));
        // One that a person names stands in a hive already: it is not quietly in store.
        if ($request->names() && ! $request->toStore() && count($slots) < count($frames)) {
            throw self::noGap();
        }
        $stored = 0;
        foreach ($frames as $frame) {
            $home = $slots[$frame->id] ?? null;
            if ($home === null) {
                $stored += $this->intoStore($record, $frame);
            } else {
                $record->fill($home->box, $home->slot, FrameWhy::Returned, $frame->id, self::comb($frame));
            }
        }
        if ($stored + count($slots) === 0) {
            throw self::noGap();
        }
        $this->leaveBench($lot, $frames, array_keys($slots));
        $words = trans_choice('{1} :count frame is back|[0,*] :count frames are back', count($slots));

        return Saved::at(route('honey-room.lot', $lot->id), $stored === 0
            ? "$words."
            : $words.', '.trans_choice('{1} :count is in store.|[2,*] :count are in store.', $stored));
    }

    private static function noGap(): ValidationException
    {
        return ValidationException::withMessages(['to' => __('Their boxes have no gap. The frames stay in store.')]);
    }

    /**
     * What went back was spun. Where nobody taps on the bench, that is said of a lot of frames alone: of supers beside
     * them it says nothing.
     *
     * @param  list<TakenSuper>  $frames
     * @param  list<string>  $home  ids of those that are in a hive again
     */
    private function leaveBench(Lot $lot, array $frames, array $home): void
    {
        $isOfFrames = $lot->harvest->wholeSupers() === 0;
        $spun = collect($frames)
            ->filter(static fn (TakenSuper $one): bool => $isOfFrames || $one->station !== Station::Awaited);
        $this->journey->move($spun->whereIn('id', $home), Station::Home);
        $this->journey->move($spun->whereNotIn('id', $home), Station::Stored);
    }

    /**
     * The hives that they came from, held until this write is done.
     *
     * @param  list<TakenSuper>  $frames
     * @return array<string, HiveState> by id
     */
    private function hives(Lot $lot, array $frames): array
    {
        $ids = array_values(array_unique(array_map(static fn (TakenSuper $one): string => $one->hive_id, $frames)));
        Hive::query()->whereKey($ids)->orderBy('id')->lockForUpdate()->get();

        return $this->yards->asStored($lot->harvest->apiary, $ids);
    }

    /** What was known of its comb when it was taken. */
    private static function comb(TakenSuper $frame): ?CombNote
    {
        $comb = $frame->frozen->comb();

        return $comb === null ? null : new CombNote($comb, $frame->frozen->combYear());
    }

    /** @return int 1 where it was not there yet */
    private function intoStore(MoveRecord $record, TakenSuper $frame): int
    {
        $isThere = FrameMove::query()
            ->where('taken_super_id', $frame->id)
            ->where('why', FrameWhy::Stored->value)
            ->exists();
        if (! $isThere) {
            $record->store(FrameWhy::Stored, $frame->id);
        }

        return $isThere ? 0 : 1;
    }
}
