<?php

declare(strict_types=1);

namespace App\HoneyRoom;

use App\Models\Harvest;
use App\Models\Lot;
use App\Support\Http\Saved;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final readonly class HoneyRoomController
{
    public function index(Request $request, BucketRow $row): View
    {
        $yard = $request->query('yard');
        $lots = Lot::query()
            ->whereHas(
                'harvest',
                fn ($harvest) => $harvest->when(
                    is_string($yard),
                    fn ($query) => $query->whereHas('apiary', fn ($apiary) => $apiary->where('slug', $yard)),
                ),
            )
            ->with(['buckets', 'harvest.apiary'])
            ->with([
                'harvest' => fn ($harvest) => $harvest
                    ->withCount(['supers as supers_count' => static fn ($all) => $all->where('slot', 0)])
                    ->withCount(['supers as frames_count' => static fn ($all) => $all->where('slot', '>', 0)])
                    ->withSum('supers as judged_kg', 'estimate_kg'),
            ])
            ->orderByDesc(Harvest::query()->select('taken_on')->whereColumn('harvests.id', 'lots.harvest_id')->limit(1))
            ->orderBy('code')
            ->simplePaginate(8)
            ->withQueryString();

        return view('honey-room.index', ['lots' => $lots, 'row' => $row, 'yard' => is_string($yard) ? $yard : null]);
    }

    public function show(Lot $lot, AllotChart $chart, BucketRow $row): View
    {
        $lot->load(['buckets', 'harvest.apiary', 'harvest.supers.hive', 'harvest.supers.box']);

        $state = LotState::of($lot);

        $frames = FrameRow::of($lot);

        return view('honey-room.show', [
            'state' => $state,
            'lot' => $lot,
            'picture' => $chart->of($state),
            'buckets' => $row->of($lot, $state->estimatedKg()),
            'frames' => $frames,
            'wet' => $frames->filter(static fn (FrameRow $one): bool => ! $one->isHome())->count(),
        ]);
    }

    /** A lot made by mistake: with its harvest, supers and buckets into the bin; the boxes are in store. */
    public function destroy(Lot $lot): RedirectResponse
    {
        $lot->load(['buckets', 'harvest.supers']);
        foreach ([...$lot->buckets, ...$lot->harvest->supers, $lot, $lot->harvest] as $record) {
            $record->delete();
        }

        return Saved::at(route('honey-room.index'), __('Lot :lot is in the bin.', ['lot' => $lot->code]));
    }
}
