<?php

declare(strict_types=1);

namespace App\Assess;

use App\Drawing\Elevation;
use App\Models\Apiary;
use App\Models\Hive;
use App\Models\Instrument;
use App\Operation\Computed;
use App\Operation\CurrentOperation;
use App\Operation\Policy;
use App\Support\Units\Formatter;
use App\YardState\YardPicture;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final readonly class AssessController
{
    public function __construct(
        private \App\YardState\YardReader $yards,
        private CurrentOperation $current,
        private Computed $kept,
        private LookOfDay $today,
        private \App\YardState\Looks\LookReader $looks,
    ) {
    }

    public function index(Formatter $f): View
    {
        if ($this->yards->apiaries()->count() > \App\YardState\YardReader::DRAWN_AT_ONCE) {
            return view('yards.many', ['stage' => 'assess']);
        }

        return view('assess.index', [
            'yards' => $this->kept->remember(
                'assess-index.'.$f->preferences->system,
                fn (): array => array_map(
                    fn (\App\YardState\YardState $yard): array => $this->drawn($yard, $f),
                    $this->yards->all(),
                ),
            ),
        ]);
    }

    /** @return array{slug: string, name: string, look: int, line: string, drawing: string} */
    private function drawn(\App\YardState\YardState $yard, Formatter $f): array
    {
        [$kg, $sd] = $yard->ripe();
        $slug = $yard->apiary->slug;

        return [
            'slug' => $slug,
            'name' => $yard->apiary->name,
            'look' => $yard->toLook(),
            'line' => '~'.
                $f->kg($kg, 0).
                ' '.
                __('ripe').
                ' '.
                $f->kgRange($kg, $sd, 0).
                ' · '.
                $yard->flow->sentence(),
            'drawing' => (new YardPicture(new Elevation(0.09)))->svg(
                $yard,
                __('Elevation of :yard', ['yard' => $yard->apiary->name]),
                fn (\App\YardState\HiveState $hive): string => route('assess.hive', [$slug, $hive->hive->code], false),
                fn (\App\YardState\HiveState $hive, \App\YardState\BoxState $box): string => route(
                    'assess.hive',
                    [$slug, $hive->hive->code, 'box' => $box->box->id],
                    false,
                ),
                fn (\App\YardState\HiveState $hive): array => array_slice($hive->words(), 0, 2),
            ),
        ];
    }

    public function show(Request $request, Formatter $f, Apiary $apiary, ?Hive $hive = null): View|RedirectResponse
    {
        $apiary->load('harvestPolicies');
        $open = $hive === null ? null : $this->yards->hive($apiary, $hive->code);
        if ($hive !== null && $open === null) {
            return redirect()->route('assess.hive', [$hive->load('stand.apiary')->stand->apiary->slug, $hive->code]);
        }
        $box = $open === null ? null : $this->box($open, $request->query('box'));
        $policy = Policy::at($this->current, $apiary);
        $board = YardBoard::of($apiary, $this->yards, $this->kept, $f);

        return view(
            'assess.show',
            [
                'apiary' => $apiary,
                'board' => $board,
                'open' => $open,
                'box' => $box,
                'zone' => $this->current->get()->time_zone,
                'policy' => $policy,
            ] + ($open === null || $box === null ? [] : $this->opened($request, $apiary, $board, $open, $box, $policy)),
        );
    }

    /** @return array<string, mixed> */
    private function opened(
        Request $request,
        Apiary $apiary,
        YardBoard $board,
        \App\YardState\HiveState $open,
        \App\YardState\BoxState $box,
        Policy $policy,
    ): array {
        $slot = max(1, min($box->fitted->framesFitted, (int) ($request->query('slot') ?? $this->firstSlot($box))));
        $wanted = $request->query('on');
        $on =
            is_string($wanted) &&
            preg_match('/^\d{4}-\d\d-\d\d$/', $wanted) === 1 &&
            strtotime($wanted) !== false &&
            $wanted < $this->current->today()->format('Y-m-d')
                ? $wanted
                : null;

        return [
            'slot' => $slot,
            'on' => $on,
            'looks' => PainterData::of($box, $slot, $this->today->day($on)),
            'next' => NextStop::after($apiary->slug, $board, $open, $box),
            'instruments' => Instrument::query()->orderBy('name')->get(),
            'history' => BoxHistory::of($box, $policy, $this->looks),
            'at' => fn (int $n): string => route(
                'assess.hive',
                array_filter([$apiary->slug, $open->hive->code, 'box' => $box->box->id, 'slot' => $n, 'on' => $on]),
            ).'#painter',
        ];
    }

    private function box(\App\YardState\HiveState $hive, mixed $wanted): ?\App\YardState\BoxState
    {
        $supers = $hive->supers();

        return is_string($wanted)
            ? $hive->box($wanted) ?? abort(404)
            : $supers[count($supers) - 1] ?? ($hive->boxes[0] ?? null);
    }

    /** The frame to pull next, or the middle one. */
    private function firstSlot(\App\YardState\BoxState $box): int
    {
        $next = $box->ripeness->lookNext;

        return is_int($next) ? $next : intdiv($box->fitted->framesFitted + 1, 2);
    }
}
