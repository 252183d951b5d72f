<?php

declare(strict_types=1);

namespace App\Pages\Frames;

use App\Apiary\Frames\FrameMarks;
use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Operation\Policy;
use App\Foundation\Http\Saved;
use App\Models\Apiary;
use App\Models\Clearing;
use App\Models\ClearingState;
use App\Models\HoneyUse;
use DateTimeImmutable;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Marjoram\Core\Clearing\Method;

/** Frames of a yard: which come off, what they come to, and what is done with those that stay. */
final readonly class FramesController
{
    public function __construct(private FrameReader $reader, private CurrentOperation $current)
    {
    }

    public function show(
        Request $request,
        Apiary $apiary,
        FramePictures $draw,
        AfterPicture $after,
        CarryPicture $carry,
        FramePlaces $places,
    ): View {
        $frames = $this->reader->of(
            $apiary,
            ChosenFramesRequest::strings($request->query('hives')),
            $request->query('calculate') === null ? null : ChosenFramesRequest::strings($request->query('f')) ?? [],
            ChosenFramesRequest::strings($request->query('shown')),
        );
        $extractor = $request->query('extractor');
        $holds = is_numeric($extractor) ? max(2, min(120, (int) $extractor)) : $this->current->get()->extractor;

        return view('frames.show', [
            'frames' => $frames,
            'sum' => FrameSum::of($frames, $holds),
            'draw' => $draw,
            'after' => $after,
            'carry' => $carry,
            'places' => $places->all(),
            'colours' => FrameMarks::choices(),
            'colour' => FrameMarks::usualIn($apiary, Policy::at($this->current, $apiary)->frameMarks),
            'uses' => HoneyUse::all(),
            'combs' => CombRequest::combs(),
            'clearings' => $this->open($apiary),
            'today' => $this->current->day(),
        ]);
    }

    public function store(TakeRequest $request, Apiary $apiary, TakeFrames $take): RedirectResponse
    {
        $frames = $this->reader->chosen($apiary, $request->ids());
        $request->mustBeAllOf($frames);
        $lot = $take->take($frames, $request->taking());
        $this->close($apiary, $request->input('clearing'), $request->day());

        return Saved::at(route('honey-room.lot', $lot->id), trans_choice(
            '{1} :count frame is on its way to the honey room as lot :lot.'
                .'|[2,*] :count frames are on their way to the honey room as lot :lot.',
            count($frames->chosen),
            ['lot' => $lot->code],
        ));
    }

    /** What is known of their combs; it goes along with the frames. */
    public function comb(CombRequest $request, Apiary $apiary, HeldFrames $held): RedirectResponse
    {
        $frames = $this->reader->chosen($apiary, $request->ids());
        $request->mustBeAllOf($frames);
        $held->hold($frames);
        $record = new MoveRecord($request->day());
        foreach ($frames->chosen as $frame) {
            $record->note($frame, $request->note());
        }

        return Saved::at(route('frames.yard', $apiary->slug), trans_choice(
            '{1} Saved for :count comb.|[2,*] Saved for :count combs.',
            count($frames->chosen),
        ));
    }

    /** A clearing that is named is done with it: what else was to come in stays on its hives. */
    private function close(Apiary $apiary, mixed $id, DateTimeImmutable $on): void
    {
        $clearing = is_string($id) ? $this->open($apiary)->firstWhere('id', $id) : null;
        if ($clearing === null) {
            return;
        }
        foreach ($clearing->items as $item) {
            $item->update(['left_why' => __('taken frame by frame')]);
        }
        $clearing->finishOn($on->format('Y-m-d'));
    }

    /**
     * Clearings that taking frames may finish: planned so, or with their boards on (supers emptied of bees, and then
     * chosen by frame).
     *
     * @return Collection<int, Clearing>
     */
    private function open(Apiary $apiary): Collection
    {
        return Clearing::open()
            ->where('apiary_id', $apiary->id)
            ->where(static fn ($that) => $that
                ->where('method', Method::ByFrame->value)
                ->orWhere('state', ClearingState::Placed->value))
            ->with('items')
            ->orderBy('first_on')
            ->get();
    }

    /** To another box, into store, or melted down. */
    public function move(MoveFramesRequest $request, Apiary $apiary, MoveFrames $moves): RedirectResponse
    {
        $frames = $this->reader->chosen($apiary, $request->ids());
        $request->mustBeAllOf($frames);
        $where = $moves->move($frames, $request->to(), $request->day());

        return Saved::at(
            route('frames.yard', $apiary->slug),
            trans_choice('{1} :count frame: :where.|[2,*] :count frames: :where.', count($frames->chosen), [
                'where' => $where,
            ]),
        );
    }
}
