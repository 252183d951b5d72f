<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\Batches;

use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Http\Saved;
use App\Foundation\Labels\LabelPaper;
use App\Foundation\Units\Formatter;
use App\Models\Batch;
use App\Models\JarKind;
use App\Models\PourWhy;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;

/** Honey that settles together: poured, clear on a day, jarred, and where its jars went. */
final readonly class BatchController
{
    public function __construct(
        private CurrentOperation $current,
        private Pouring $pouring,
    ) {
    }

    public function index(TankPicture $draw): View
    {
        $batches = Batch::query()
            ->with(['pours.bucket.lot', 'fills.kind', 'fills.moves'])
            ->orderByDesc('poured_at')
            ->orderByDesc('id')
            ->simplePaginate(20)
            ->through(static fn (Batch $one): BatchState => new BatchState($one));
        $isOpen = static fn (BatchState $one): bool => $one->batch->closed_on === null;
        $inTanks = array_filter($batches->items(), $isOpen);

        return view('honey-room.batches', [
            'batches' => $batches,
            'tanks' => $inTanks === [] ? null : $draw->of(array_values($inTanks)),
            'now' => $this->current->now(),
            'zone' => $this->current->get()->time_zone,
        ]);
    }

    public function show(
        Batch $batch,
        SettleChart $chart,
        TraceReader $trace,
        TracePicture $picture,
        Formatter $format,
    ): View {
        $batch->load(['pours.bucket.lot', 'fills.kind', 'fills.moves']);
        $state = new BatchState($batch);
        $traced = $trace->of($state);

        return view('honey-room.batch', [
            'state' => $state,
            'batch' => $batch,
            'chart' => $chart->of($state, $this->current->now()),
            'trace' => $traced,
            'picture' => $picture->of($traced),
            'kinds' => $kinds = JarKind::query()->orderBy('net_g')->get(),
            'plan' => self::planOf($state, $kinds, $format),
            'zone' => $this->current->get()->time_zone,
            'papers' => LabelPaper::names(),
            'countries' => LabelLaw::names(),
            'today' => $this->current->day(),
        ]);
    }

    /**
     * Where it is calculated which jars leave least, with the kinds that are at hand.
     *
     * @param  Collection<int, JarKind>  $kinds
     */
    private static function planOf(BatchState $state, Collection $kinds, Formatter $format): string
    {
        return route('honey-room.jars', array_filter([
            'honey' => round($format->massValue($state->leftKg()), 2),
            'water' => $state->waterPct === null ? null : round($state->waterPct, 1),
            'net' => $kinds->pluck('net_g')->all(),
            'stock' => $kinds->pluck('stock')->all(),
            'must' => $kinds->pluck('ordered')->all(),
            'price' => $kinds->map(static fn (JarKind $one): string => (string) $one->price)->all(),
        ], static fn (mixed $value): bool => $value !== null));
    }

    public function store(BatchRequest $request): RedirectResponse
    {
        $pours = $request->pours();
        if ($pours === []) {
            throw ValidationException::withMessages(['pour' => __('Choose at least one bucket.')]);
        }
        $season = $this->current->today()->format('y');
        $number = Batch::withBinned()->where('code', 'like', "B$season-%")->lockForUpdate()->count() + 1;
        while (Batch::query()->where('code', "B$season-$number")->exists()) {
            $number++;
        }
        $batch = Batch::query()->create([
            'code' => "B$season-$number",
            'tank' => $request->text('tank'),
            'depth_cm' => $request->depthCm(),
            'celsius' => $request->celsius('celsius'),
            'poured_at' => $this->current->utc(),
        ]);
        $this->pouring->pour($pours, PourWhy::Batch, $batch, $this->current->day());

        return Saved::at(route('honey-room.batch', $batch->id), __('Batch :code settles.', ['code' => $batch->code]));
    }

    /** Nothing more is jarred of it. */
    public function close(Batch $batch): RedirectResponse
    {
        $batch->claim(null)->update(['closed_on' => $batch->closed_on === null ? $this->current->day() : null]);

        return Saved::at(route('honey-room.batch', $batch->id), $batch->closed_on === null
            ? __('Batch :code is open again.', ['code' => $batch->code])
            : __('Batch :code is done.', ['code' => $batch->code]));
    }

    public function destroy(Batch $batch): RedirectResponse
    {
        $batch->claim(null)->load(['pours', 'fills']);
        if ($batch->fills->isNotEmpty()) {
            throw ValidationException::withMessages([
                'batch' => __('Jars were filled from :code. The batch stays, so that the jars can be traced.', ['code' => $batch->code]),
            ]);
        }
        foreach ([...$batch->pours, $batch] as $record) {
            $record->delete();
        }

        return Saved::at(route('honey-room.batches'), __('Batch :code is in the bin.', ['code' => $batch->code]));
    }

    /** @throws ValidationException where more is jarred than would be in it then */
    public static function mustHoldWithout(Batch $batch, float $kg): void
    {
        $state = new BatchState($batch);
        if ($state->kg - $kg < $state->jarredKg - 0.005) {
            throw ValidationException::withMessages([
                'pour' => __('That honey is in jars of :code already.', ['code' => $batch->code]),
            ]);
        }
    }
}
