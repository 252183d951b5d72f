<?php

declare(strict_types=1);

namespace App\Assess;

use App\Models\Apiary;
use App\Models\Hive;
use App\Support\CurrentOperation;
use App\Support\PolicyBook;
use App\Yards\YardPicture;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final readonly class AssessController
{
    public function __construct(private YardReader $yards, private CurrentOperation $current)
    {
    }

    public function index(): View
    {
        if ($this->yards->apiaries()->count() > YardReader::DRAWN_AT_ONCE) {
            return view('yards.many', ['stage' => 'assess']);
        }

        return view('assess.index', ['states' => $this->yards->read(), 'picture' => new YardPicture]);
    }

    public function show(Request $request, Apiary $apiary, ?Hive $hive = null): View|RedirectResponse
    {
        $state = $this->yards->one($apiary);
        if ($hive !== null && ! isset($state->hives[$hive->code])) {
            return redirect()->route('assess.hive', [$hive->load('stand.apiary')->stand->apiary->slug, $hive->code]);
        }
        $open = $hive === null ? null : $state->hives[$hive->code];
        $box = $open === null ? null : $this->box($open, $request->query('box'));
        $slot = $box === null ? 0 : max(1, min($box->fitted->framesFitted, (int) ($request->query('slot') ?? $this->firstSlot($box))));

        return view('assess.show', ['state' => $state, 'open' => $open, 'box' => $box, 'slot' => $slot, 'picture' => new YardPicture, 'zone' => $this->current->get()->time_zone,
            'policy' => new PolicyBook($this->current->get(), $apiary), 'looks' => $box === null ? null : PainterData::of($box, $slot)]);
    }

    private function box(HiveState $hive, mixed $wanted): ?BoxState
    {
        $supers = $hive->supers();

        return is_string($wanted) ? ($hive->box($wanted) ?? abort(404)) : ($supers[count($supers) - 1] ?? $hive->boxes[0] ?? null);
    }

    /** The frame to pull next, or the middle one. */
    private function firstSlot(BoxState $box): int
    {
        $next = $box->ripeness->lookNext;

        return is_int($next) ? $next : intdiv($box->fitted->framesFitted + 1, 2);
    }
}
