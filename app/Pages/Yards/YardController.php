<?php

declare(strict_types=1);

namespace App\Pages\Yards;

use App\Apiary\Hives\BoxKindReader;
use App\Apiary\Hives\YardReader;
use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Operation\Policy;
use App\Drawing\ElevationPicture;
use App\Foundation\Http\Saved;
use App\Foundation\Places\PlaceByName;
use App\Foundation\Units\Formatter;
use App\Models\Apiary;
use App\Models\Box;
use App\Models\BoxKindRow;
use App\Models\Hive;
use App\Models\Queen;
use App\Models\Treatment;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Collection as Records;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

final readonly class YardController
{
    private const QUEENS = 150;

    private const STORE = 200;

    private const TREATMENTS = 5;

    public function __construct(
        private YardReader $yards,
        private BoxKindReader $kinds,
        private YardDrawings $drawings,
        private CurrentOperation $current,
    ) {
    }

    public function index(): View
    {
        return view('yards.index', ['page' => new KitPage(
            $this->yards->apiaries(),
            $this->yards->areTooManyToDraw() ? null : $this->pictures(),
            $this->kinds->all(),
            BoxKindRow::query()->pluck('id', 'key')->all(),
            Queen::query()->orderByDesc('year')->orderBy('code')->limit(self::QUEENS)->get(),
            $this->inStore(),
        )]);
    }

    public function show(Request $request, Apiary $apiary, ?Hive $hive = null): View
    {
        $open = $hive === null
            ? null
            : OpenHive::of($hive, $this->yards->hive($apiary, $hive->code) ?? abort(404));
        $treatments = Treatment::query()
            ->where('apiary_id', $apiary->id)
            ->orderByDesc('supers_off_by')
            ->limit(self::TREATMENTS)
            ->get();

        return view('yards.show', ['season' => $this->current->season(), 'page' => new YardPage(
            $apiary,
            $this->drawings->large($apiary),
            Policy::at($this->current, $apiary),
            $this->kinds->all(),
            $treatments,
            $this->yards->apiaries(),
            $open,
            $this->inStore(),
            $this->inHand($apiary, $request->query('box')),
            Hive::query()
                ->whereHas('stand', static fn ($stand) => $stand->where('apiary_id', $apiary->id))
                ->with('colony.queen')
                ->get()
                ->sortBy('code', SORT_NATURAL)
                ->values(),
        )]);
    }

    /** Any box of the operation may be taken in hand, and put down in any yard. */
    private function inHand(Apiary $apiary, mixed $id): ?BoxInHand
    {
        $box = is_string($id) ? Box::query()->with('place.hive')->find($id) : null;
        if ($box === null) {
            return null;
        }
        $hive = $box->place?->hive;

        return new BoxInHand(
            $box,
            $this->kinds->get($box->kind),
            $hive,
            $hive === null ? null : $this->yards->one($apiary)->hive($hive->code)?->box($box->id),
            array_values(Hive::query()->pluck('code')->sort(SORT_NATURAL)->map(strval(...))->all()),
        );
    }

    /** @return Records<int, Box> */
    private function inStore(): Records
    {
        return Box::query()->whereDoesntHave('place')->orderBy('mark')->limit(self::STORE)->get();
    }

    /** @return array<string, ElevationPicture> by yard id */
    private function pictures(): array
    {
        $pictures = [];
        foreach ($this->yards->apiaries() as $apiary) {
            $pictures[$apiary->id] = $this->drawings->small($apiary);
        }

        return $pictures;
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

        return Saved::at(route('yards.yard', $apiary->slug), __(':name is set up.', ['name' => $apiary->name]));
    }

    public function update(
        Request $request,
        Apiary $apiary,
        Formatter $format,
        PlaceByName $places,
    ): RedirectResponse {
        $places->into($request);
        $values = $request->validate([
            'name' => ['required', 'string', 'max:80'],
            'latitude' => ['required', 'numeric', 'between:-66,70'],
            'longitude' => ['required', 'numeric', 'between:-180,180'],
            'heather' => ['sometimes', 'boolean'],
            'notes' => ['nullable', 'string', 'max:2000'],
            'climate' => ['required', 'array', 'size:12'],
            'climate.*' => [
                'required',
                'numeric',
                'between:'.$format->temperatureValue(-50.0).','.$format->temperatureValue(40.0),
            ],
            'version' => ['nullable', 'integer'],
        ]);
        $climate = array_map(
            static fn (mixed $value): float => round($format->temperatureToC((float) $value), 2),
            array_values($values['climate']),
        );
        $apiary
            ->claim($values['version'] ?? null)
            ->update([
                'name' => $values['name'],
                'latitude' => $values['latitude'],
                'longitude' => $values['longitude'],
                'heather' => $request->boolean('heather'),
                'notes' => $values['notes'] ?? null,
                'climate' => $climate,
                'climate_source' => self::isSame($climate, array_values($apiary->climate)) ? $apiary->climate_source : null,
            ]);

        return Saved::at(route('yards.yard', $apiary->slug), __(':name is saved.', ['name' => $apiary->name]));
    }

    /**
     * As it was shown, to a tenth of a degree of the person's unit.
     *
     * @param  list<float>  $a
     * @param  list<float>  $b
     */
    private static function isSame(array $a, array $b): bool
    {
        $off = array_map(static fn (float $one, float $other): float => abs($one - $other), $a, $b);

        return count($a) === count($b) && max([0.0, ...$off]) < 0.06;
    }

    public function destroy(Apiary $apiary): RedirectResponse
    {
        if ($apiary->stands()->whereHas('hive')->exists()) {
            throw ValidationException::withMessages([
                'yard' => __('This yard still has hives. Remove or move them first.'),
            ]);
        }
        $apiary->delete();

        return Saved::at(route('yards.index'), __(':name is in the bin.', ['name' => $apiary->name]));
    }
}
