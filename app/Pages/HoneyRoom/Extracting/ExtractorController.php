<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\Extracting;

use App\Apiary\Harvest\Journey;
use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Http\Saved;
use App\Models\ExtractorLoad;
use App\Models\Station;
use App\Pages\HoneyRoom\SupersRequest;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** Loads of the extractor: proposed in balance, loaded, turned and spun by a tap each. */
final readonly class ExtractorController
{
    public function __construct(
        private CurrentOperation $current,
        private ExtractorReader $reader,
        private LoadExtractor $loads,
        private Journey $journey,
    ) {
    }

    public function show(Request $request, RotorPicture $picture): View
    {
        $page = $this->reader->read($request->query('wet') === '1');

        return view('honey-room.extractor', [
            'page' => $page,
            'rotor' => $picture->of($page->slots, $page->rotor),
            'operation' => $this->current->get(),
            'hasScale' => ($this->current->get()->bench_scale ?? '') !== '',
            'zone' => $this->current->get()->time_zone,
        ]);
    }

    /** Loads the proposed frames. */
    public function load(LoadRequest $request): RedirectResponse
    {
        $load = $this->loads->load($request->slots(), $this->current->utc());

        return Saved::at(route('honey-room.extractor'), __('Load :n is in the extractor.', ['n' => $load->number]));
    }

    /** Starts the next run: the first, or one after the frames were turned. It may be sent twice. */
    public function step(Request $request, ExtractorLoad $load): RedirectResponse
    {
        $values = $request->validate(['step' => ['required', 'integer', 'between:0,5']]);
        $step = (int) $values['step'];
        $load->claim(null)->load('frames');
        self::mustRun($load);
        if ($step > ($load->step ?? -1) + 1 || $step < ($load->step ?? 0)) {
            throw ValidationException::withMessages(['step' => __('Someone else changed the run. Check the run on the page.')]);
        }
        if ($step !== $load->step) {
            $load->update(['step' => $step, 'step_at' => now()->utc()]);
        }

        return Saved::at(route('honey-room.extractor'), $step === 0
            ? __('The extractor is running.')
            : __('Turned: run :n.', ['n' => $step + 1]));
    }

    /** Ends a load; supers whose last frame was in it are empty. */
    public function spun(ExtractorLoad $load): RedirectResponse
    {
        $load->claim(null)->load('frames');
        self::mustRun($load);
        $load->update(['spun_at' => $this->current->utc()]);
        $this->loads->empty($load);

        return Saved::at(route('honey-room.extractor'), __('Load :n is extracted.', ['n' => $load->number]));
    }

    /** Takes the frames out again, not extracted. */
    public function destroy(ExtractorLoad $load): RedirectResponse
    {
        $load->claim(null)->load('frames');
        self::mustRun($load);
        foreach ([...$load->frames, $load] as $record) {
            $record->delete();
        }

        return Saved::at(route('honey-room.extractor'), __('The frames are out again.'));
    }

    /** Marks whole supers as extracted, without loads. */
    public function supers(SupersRequest $request): RedirectResponse
    {
        $supers = $this->journey->hold($request->ids(), ['box']);
        if ($supers->isEmpty()) {
            throw ValidationException::withMessages(['supers' => __('These supers do not exist. Load the page again.')]);
        }
        $this->journey->move($supers, Station::Spun);

        return Saved::at(
            route('honey-room.extractor'),
            trans_choice('{1} :count is extracted.|[2,*] :count are extracted.', $supers->count()),
        );
    }

    private static function mustRun(ExtractorLoad $load): void
    {
        if ($load->spun_at !== null) {
            throw ValidationException::withMessages(['load' => __('Load :n is extracted already.', ['n' => $load->number])]);
        }
    }
}
