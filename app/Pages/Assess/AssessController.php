<?php

declare(strict_types=1);

namespace App\Pages\Assess;

use App\Apiary\Hives\BoxState;
use App\Apiary\Hives\HiveState;
use App\Apiary\Hives\YardReader;
use App\Apiary\Inspections\LookReader;
use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Operation\Policy;
use App\Apiary\Operation\Seasons;
use App\Models\Apiary;
use App\Models\Hive;
use App\Models\Instrument;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

final readonly class AssessController
{
    public function __construct(
        private YardReader $yards,
        private CurrentOperation $current,
        private BoardReader $boards,
        private Seasons $seasons,
    ) {
    }

    public function index(): View
    {
        if ($this->yards->areTooManyToDraw()) {
            return view('yards.many', ['stage' => 'assess']);
        }

        return view('assess.index', [
            'yards' => $this->yards->apiaries()->map($this->boards->small(...)),
            'season' => $this->seasons->now(),
        ]);
    }

    public function show(
        Request $request,
        OpenedHive $drawing,
        HistoryChart $chart,
        LookOfDay $today,
        LookReader $looks,
        Apiary $apiary,
        ?Hive $hive = null,
    ): View|RedirectResponse {
        $open = $hive === null ? null : $this->yards->hive($apiary, $hive->code);
        if ($hive !== null && $open === null) {
            return redirect()->route('assess.hive', [$hive->load('stand.apiary')->stand->apiary->slug, $hive->code]);
        }
        $box = $open === null ? null : $this->box($open, $request->query('box'));
        $board = $this->boards->of($apiary);
        $policy = Policy::at($this->current, $apiary);
        $opened = null;
        if ($open !== null && $box !== null) {
            $slot = $this->slot($box, $request->query('slot'));
            $on = $this->earlierDay($request->query('on'));
            $history = BoxHistory::of($box, $policy, $looks);
            $opened = new OpenedBox(
                $apiary,
                $open,
                $box,
                $slot,
                $on,
                PainterData::of($box, $slot, $today->day($on)),
                NextStop::after($apiary->slug, $board, $open, $box),
                Instrument::query()->orderBy('name')->get(),
                $history,
                $drawing->of($open, $apiary->slug, $box, $slot),
                $history->points === [] ? null : $chart->of($history),
                PainterFrames::of($apiary, $open, $box, $today->day($on), $on),
            );
        }

        return view('assess.show', [
            'apiary' => $apiary,
            'board' => $board,
            'hive' => $open,
            'opened' => $opened,
            'manages' => Gate::allows('manage'),
            'policy' => $policy,
            'season' => $this->seasons->now(),
        ]);
    }

    private function box(HiveState $hive, mixed $wanted): ?BoxState
    {
        $supers = $hive->supers();

        return is_string($wanted)
            ? $hive->box($wanted) ?? abort(404)
            : $supers[count($supers) - 1] ?? $hive->boxes[0] ?? null;
    }

    /** The frame that is asked for, else that to pull next, else the middle one. */
    private function slot(BoxState $box, mixed $wanted): int
    {
        $fitted = $box->fitted->framesFitted;
        $slot = is_numeric($wanted) ? (int) $wanted : $box->nextSlot() ?? intdiv($fitted + 1, 2);

        return max(1, min($fitted, $slot));
    }

    private function earlierDay(mixed $wanted): ?string
    {
        $isDay = is_string($wanted)
            && preg_match('/^\d{4}-\d\d-\d\d$/', $wanted) === 1
            && strtotime($wanted) !== false;

        return $isDay && $wanted < $this->current->day() ? $wanted : null;
    }
}
