<?php

declare(strict_types=1);

namespace App\Yards;

use App\Models\Apiary;
use App\Models\Box;
use App\Models\BoxKindRow;
use App\Models\BoxPlace;
use App\Models\ColonyFact;
use App\Models\Hive;
use App\Models\Queen;
use App\Models\Treatment;
use App\Operation\CurrentOperation;
use App\Operation\Policy;
use App\Support\Http\Saved;
use App\YardState\YardReader;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

final readonly class YardController
{
    public function __construct(
        private YardReader $yards,
        private \App\YardState\BoxKindReader $kinds,
        private CurrentOperation $current,
    ) {
    }

    public function index(): View
    {
        return view('yards.index', [
            'states' => $this->yards->apiaries()->count() > YardReader::DRAWN_AT_ONCE ? null : $this->yards->all(),
            'kinds' => $this->kinds->all(),
            'picture' => new \App\YardState\YardPicture,
            'ownKinds' => BoxKindRow::query()->pluck('id', 'key')->all(),
            'queens' => Queen::query()->orderByDesc('year')->orderBy('code')->limit(150)->get(),
            'store' => Box::query()->whereDoesntHave('place')->orderBy('mark')->limit(200)->get(),
        ]);
    }

    public function show(Apiary $apiary, ?Hive $hive = null): View
    {
        $state = $this->yards->one($apiary);
        $open = $hive === null ? null : $state->hives[$hive->code] ?? abort(404);

        return view('yards.show', [
            'policy' => Policy::at($this->current, $state->apiary),
            'state' => $state,
            'open' => $open,
            'kinds' => $this->kinds->all(),
            'picture' => new \App\YardState\YardPicture,
            'treatments' => Treatment::query()
                ->where('apiary_id', $apiary->id)
                ->orderByDesc('supers_off_by')
                ->limit(5)
                ->get(),
            'facts' => $open?->hive->colony === null
                    ? []
                    : ColonyFact::query()
                        ->where('colony_id', $open->hive->colony->id)
                        ->with('queen')
                        ->orderByDesc('happened_on')
                        ->limit(30)
                        ->get(),
            'history' => $open === null
                    ? []
                    : BoxPlace::query()
                        ->where('hive_id', $open->hive->id)
                        ->with('box')
                        ->orderByDesc('since')
                        ->limit(30)
                        ->get(),
            'store' => $open === null ? [] : Box::query()->whereDoesntHave('place')->orderBy('mark')->limit(200)->get(),
            'queens' => $open === null ? [] : Queen::query()->orderByDesc('year')->orderBy('code')->limit(200)->get(),
        ]);
    }

    public function find(Request $request, CurrentOperation $current): RedirectResponse
    {
        $given = $request->query('code');
        $code = is_string($given) ? mb_substr(mb_strtoupper(trim($given)), 0, 12) : '';
        $hive = Hive::query()->where('code', $code)->with('stand.apiary')->first();

        return $hive === null
            ? redirect()
                ->to(url()->previous(route('desk')))
                ->with('undone', __('No hive has the code ":code".', ['code' => $code]))
            : redirect()->route('assess.hive', [$hive->stand->apiary->slug, $hive->code]);
    }

    public function store(YardRequest $request, NewYard $maker): RedirectResponse
    {
        $apiary = $maker->make($request);

        return Saved::at(route('yards.yard', $apiary->slug), __(':name stands.', ['name' => $apiary->name]));
    }

    public function update(Request $request, Apiary $apiary): RedirectResponse
    {
        $values = $request->validate([
            'name' => ['required', 'string', 'max:80'],
            'latitude' => ['required', 'numeric', 'between:-66,70'],
            'longitude' => ['required', 'numeric', 'between:-180,180'],
            'heather' => ['sometimes', 'boolean'],
            'notes' => ['nullable', 'string', 'max:2000'],
            'climate' => ['required', 'array', 'size:12'],
            'climate.*' => ['required', 'numeric', 'between:-50,40'],
            'version' => ['nullable', 'integer'],
        ]);
        $climate = array_map(floatval(...), array_values($values['climate']));
        $apiary
            ->claim($values['version'] ?? null)
            ->update([
                'name' => $values['name'],
                'latitude' => $values['latitude'],
                'longitude' => $values['longitude'],
                'heather' => $request->boolean('heather'),
                'notes' => $values['notes'] ?? null,
                'climate' => $climate,
                'climate_source' => $climate == $apiary->climate ? $apiary->climate_source : null,
            ]);

        return Saved::at(route('yards.yard', $apiary->slug), __(':name is saved.', ['name' => $apiary->name]));
    }

    public function destroy(Apiary $apiary): RedirectResponse
    {
        if ($apiary->stands()->whereHas('hive')->exists()) {
            throw ValidationException::withMessages([
                'yard' => __('Hives still stand here. Remove or move them first.'),
            ]);
        }
        $apiary->delete();

        return Saved::at(route('yards.index'), __(':name is in the bin.', ['name' => $apiary->name]));
    }
}
