<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\Bench;

use App\Apiary\Harvest\LotLedger;
use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Http\Saved;
use App\Models\Bucket;
use App\Models\BucketKind;
use App\Models\Lot;
use App\Models\PourWhy;
use App\Models\TakenSuper;
use App\Pages\HoneyRoom\AllotChart;
use App\Pages\HoneyRoom\Batches\TraceReader;
use App\Pages\HoneyRoom\BucketRow;
use App\Pages\HoneyRoom\FrameRow;
use App\Pages\HoneyRoom\LotStack;
use App\Pages\HoneyRoom\RoomChecks;
use App\Pages\HoneyRoom\TakenPicture;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

final readonly class HoneyRoomController
{
    /** On a page. */
    private const LOTS = 12;

    public function __construct(private CurrentOperation $current)
    {
    }

    public function index(BenchReader $reader, BenchPictures $pictures): View
    {
        return view('honey-room.index', [
            'bench' => $reader->read(),
            'draw' => $pictures,
            'zone' => $this->current->get()->time_zone,
        ]);
    }

    /** The lots of all seasons, each with its buckets. */
    public function lots(Request $request, BucketRow $row, TakenPicture $taken): View
    {
        $yard = $request->query('yard');
        $lots = Lot::query()
            ->when(is_string($yard), static fn ($lots) => $lots->whereHas(
                'harvest',
                static fn ($harvest) => $harvest->whereHas('apiary', static fn ($apiary) => $apiary->where('slug', $yard)),
            ))
            ->with(['buckets', 'harvest.apiary', 'harvest.supers.box'])
            ->with([
                'harvest' => fn ($harvest) => $harvest
                    ->withCount(['supers as supers_count' => static fn ($all) => $all->where('slot', 0)])
                    ->withCount(['supers as frames_count' => static fn ($all) => $all->where('slot', '>', 0)])
                    ->withSum('supers as judged_kg', 'estimate_kg'),
            ])
            ->join('harvests', 'harvests.id', '=', 'lots.harvest_id')
            ->select('lots.*')
            ->orderByDesc('harvests.taken_on')
            ->orderBy('lots.code')
            ->simplePaginate(self::LOTS)
            ->withQueryString();

        return view('honey-room.lots', [
            'lots' => $lots,
            'row' => $row,
            'taken' => $taken,
            'yard' => is_string($yard) ? $yard : null,
        ]);
    }

    public function show(Request $request, Lot $lot, AllotChart $chart, BucketRow $row, TraceReader $trace): View
    {
        $lot->load([
            'buckets.pours.batch',
            'capping',
            'harvest.apiary',
            'harvest.supers.hive',
            'harvest.supers.box',
            'harvest.supers.spinning.run',
        ]);

        $state = LotLedger::of($lot);

        $frames = FrameRow::of($lot);

        return view('honey-room.show', [
            'state' => $state,
            'lot' => $lot,
            // The bucket whose label was scanned.
            'marked' => $request->integer('bucket') ?: null,
            'picture' => $chart->of($state),
            'buckets' => $row->of($lot, $state->estimated()->kg),
            'frames' => $frames,
            'kinds' => BucketKind::query()->orderBy('name')->get(),
            'isChecked' => RoomChecks::areDone($this->current->today()),
            'checks' => RoomChecks::items(),
            'hasScale' => $this->current->get()->bench_scale !== null,
            'away' => PourWhy::away(),
            'forward' => $trace->forward($lot),
            'stack' => new LotStack($lot, $lot->harvest->supers->toBase()),
            'wet' => $frames->filter(static fn (FrameRow $one): bool => $one->isWet())->count(),
        ]);
    }

    /** A lot made by mistake: with its harvest, supers and buckets into the bin; the boxes are in store. */
    public function destroy(Lot $lot): RedirectResponse
    {
        $lot->claim(null)->load(['buckets.pours', 'capping', 'harvest.supers.spinning', 'harvest.supers.readings']);
        if ($lot->buckets->contains(static fn (Bucket $one): bool => $one->pours->isNotEmpty())) {
            throw ValidationException::withMessages([
                'lot' => __('Honey of lot :lot was poured on. The lot stays, so that the honey can be traced.', ['lot' => $lot->code]),
            ]);
        }
        $inside = $lot->harvest->supers
            ->flatMap(static fn (TakenSuper $one): array => [...$one->spinning, ...$one->readings]);
        $more = $lot->capping === null ? [] : [$lot->capping];
        foreach ([...$inside, ...$more, ...$lot->buckets, ...$lot->harvest->supers, $lot, $lot->harvest] as $record) {
            $record->delete();
        }

        return Saved::at(route('honey-room.index'), __('Lot :lot is in the bin.', ['lot' => $lot->code]));
    }
}
