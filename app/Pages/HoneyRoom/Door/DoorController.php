<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\Door;

use App\Apiary\Harvest\Journey;
use App\Apiary\Harvest\NewHarvest;
use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Http\Saved;
use App\Models\Apiary;
use App\Models\Box;
use App\Models\HoneyUse;
use App\Models\Lot;
use App\Models\Station;
use App\Models\TakenSuper;
use App\Pages\HoneyRoom\Equipment\RoomScale;
use App\Pages\HoneyRoom\LotStacks;
use App\Pages\HoneyRoom\TakenPicture;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** Supers and frames arrive: ticked, weighed and read by refractometer; a page asks about those that are missing. */
final readonly class DoorController
{
    public function __construct(private CurrentOperation $current, private Journey $journey)
    {
    }

    public function show(Request $request, LotStacks $stacks, OtherBoxes $boxes, TakenPicture $taken): View
    {
        $onTheWay = $stacks->read(['hive', 'box', 'readings']);
        $yard = $request->query('yard');
        $apiary = is_string($yard) ? Apiary::query()->where('slug', $yard)->first() : null;

        return view('honey-room.door', [
            'stacks' => $onTheWay,
            'taken' => $taken,
            'others' => $boxes->of($onTheWay, $apiary),
            'apiary' => $apiary,
            'apiaries' => Apiary::query()->orderBy('position')->pluck('name', 'slug')->all(),
            'today' => $this->current->day(),
            'uses' => HoneyUse::all(),
            'scale' => $this->current->get()->bench_scale !== null,
        ]);
    }

    /** Records that a super is here, with what is known of it; it may be sent twice. */
    public function arrive(ArriveRequest $request, RoomScale $scale, TakenSuper $super): RedirectResponse
    {
        $this->journey->hold([$super->id]);
        $super->claim(null)->load(['harvest.lot', 'box', 'hive']);
        $station = $super->station;
        if ($station->isEmptied()) {
            throw Journey::refusal($super, Station::Door);
        }
        $weighed = $request->onScale() ? $scale->kg() : $request->kg('before');
        $this->journey->move([$super], $station->isFull() ? $station : Station::Door, [
            'before_kg' => $weighed ?? $super->before_kg,
            'bees_left' => $request->boolean('bees'),
            'fresh' => $request->boolean('fresh'),
        ]);
        if ($request->water() !== null) {
            $super->readings()->create(['water_pct' => $request->water(), 'read_at' => $this->current->utc()]);
        }

        return Saved::at(route('honey-room.door').'#'.$this->anchor($super), __(':mark is here.', ['mark' => $super->name()]));
    }

    /** Records that all supers of a lot are here. */
    public function arriveAll(Lot $lot): RedirectResponse
    {
        $lot->claim(null)->load(['harvest.supers']);
        $awaited = $lot->harvest->supers->where('station', Station::Awaited);
        $this->journey->move($awaited, Station::Door);

        return Saved::at(
            route('honey-room.door'),
            trans_choice('{0} All of them were here.|{1} :count is here.|[2,*] :count are here.', $awaited->count()),
        );
    }

    /** Records that a super did not come: it is on its hive, or nobody knows where. */
    public function missing(MissingRequest $request, StayedAtHive $stayed, TakenSuper $super): RedirectResponse
    {
        $this->journey->hold([$super->id]);
        $super->claim(null)->load(['harvest.lot', 'box', 'hive']);
        $this->journey->move([$super], Station::Missing);
        if ($request->stayed()) {
            $stayed->take($super);
        }

        return Saved::at(route('honey-room.door'), $request->stayed()
            ? __(':mark is on :hive again.', ['mark' => $super->name(), 'hive' => $super->hive->code])
            : __(':mark does not count until it is found.', ['mark' => $super->name()]));
    }

    /** Records what becomes of its honey if it is not extracted; it counts in the hive's yield all the same. */
    public function use(UseRequest $request, TakenSuper $super): RedirectResponse
    {
        $this->journey->hold([$super->id]);
        $super->claim(null)->load(['harvest.lot', 'box', 'hive']);
        $isExtracted = $super->station->isEmptied() && $super->used_for->isExtracted();
        if ($super->spinning()->exists() || $isExtracted) {
            throw ValidationException::withMessages(['use' => __(':mark is extracted already.', [
                'mark' => $super->name(),
            ])]);
        }
        $use = $request->use();
        $kg = $use->isExtracted() ? null : $request->kg('kg');
        // What is cut, drained or pressed stays on the bench until it is weighed.
        $isDone = $kg !== null || in_array($use, [HoneyUse::Given, HoneyUse::Kept], true);
        $to = match (true) {
            $use->isExtracted() && ! $super->station->isFull() => Station::Door,
            ! $use->isExtracted() && $isDone => Station::Stored,
            default => $super->station,
        };
        $this->journey->move([$super], $to, [
            'used_for' => $use,
            'used_kg' => $kg,
            'arrived_at' => $super->arrived_at ?? $this->current->utc(),
        ]);

        return Saved::at(
            route('honey-room.door').'#'.$this->anchor($super),
            __(':mark: :use.', ['mark' => $super->name(), 'use' => $use->words()]),
        );
    }

    /** Supers that came without any sheet: a harvest of their yard, with them at the door. */
    public function byHand(ByHandRequest $request, NewHarvest $harvests, OtherBoxes $boxes): RedirectResponse
    {
        $lot = $harvests->ofDay($request->apiary(), $request->day());
        foreach (Box::query()->whereKey($request->boxes())->orderBy('id')->get() as $box) {
            $boxes->bring($lot, $box, $this->current->utc());
        }
        if ($lot->harvest->supers()->count() === 0) {
            throw ValidationException::withMessages(['boxes' => __('This box does not exist. Choose another.')]);
        }

        return Saved::at(
            route('honey-room.door').'#l-'.$lot->id,
            __('Lot :lot is at the door.', ['lot' => $lot->code]),
        );
    }

    /** One that came and is on no sheet. */
    public function more(MoreRequest $request, OtherBoxes $boxes, Lot $lot): RedirectResponse
    {
        $super = $boxes->bring($lot->claim(null), $request->box(), $this->current->utc());

        return Saved::at(
            route('honey-room.door').'#'.$this->anchor($super),
            __(':mark came too.', ['mark' => $super->load('box')->name()]),
        );
    }

    private function anchor(TakenSuper $super): string
    {
        return 's-'.$super->id;
    }
}
