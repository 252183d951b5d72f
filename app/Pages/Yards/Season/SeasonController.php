<?php

declare(strict_types=1);

namespace App\Pages\Yards\Season;

use App\Apiary\Hives\BoxKindReader;
use App\Apiary\Operation\Seasons;
use App\Foundation\Http\Saved;
use App\Models\Season;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** The end of a season and the beginning of the next, each on one page and in one write. */
final readonly class SeasonController
{
    private const IDS = ['nullable', 'array', 'max:2000'];

    public function __construct(private Seasons $seasons)
    {
    }

    public function show(SeasonReader $reader): View
    {
        return view('yards.season.show', ['page' => $reader->read()]);
    }

    public function close(Request $request, SeasonEnd $end): RedirectResponse
    {
        $values = $request->validate([
            'season' => ['required', 'integer', Rule::in($this->mayClose())],
            'store' => ['required', Rule::in(['ticked', 'all', 'none'])],
            'boxes' => self::IDS,
            'boxes.*' => ['string', 'max:26'],
            'excluders' => ['required', Rule::in(['out', 'stay'])],
        ], ['season.in' => __('This season cannot be closed now.')]);
        $stored = $end->close(
            Season::held((int) $values['season']),
            $values['store'],
            self::ids($values['boxes'] ?? []),
            $values['excluders'] === 'out',
        );

        return $this->done(__('Season :year is closed.', ['year' => $values['season']]).' '.trans_choice(
            '{0} No super went into store.|{1} :count super is in store.|[2,*] :count supers are in store.',
            $stored,
        ));
    }

    /** It was closed too soon. */
    public function open(int $season): RedirectResponse
    {
        $record = Season::held($season);
        abort_unless($record->exists, 404);
        if ($record->closed_at === null) {
            throw ValidationException::withMessages([
                'season' => __('Season :year is not closed.', ['year' => $season]),
            ]);
        }
        $record->update(['closed_at' => null]);

        return $this->done(__('Season :year is open again.', ['year' => $season]));
    }

    public function begin(Request $request, SeasonStart $start, BoxKindReader $kinds): RedirectResponse
    {
        $values = $request->validate([
            'season' => ['required', 'integer', Rule::in([$this->seasons->now()->season])],
            'super_on' => ['required', Rule::in(['ticked', 'all', 'none'])],
            'hives' => self::IDS,
            'hives.*' => ['string', 'max:26'],
            'kind' => ['required', Rule::in(array_keys($kinds->all()))],
            'put_on' => ['required', Rule::in(['empty', 'drawn'])],
            'excluder' => ['required', Rule::in(['yes', 'no'])],
            'died' => self::IDS,
            'died.*' => ['string', 'max:26'],
            'queens' => ['required', Rule::in(['same', 'unsaid'])],
        ], ['season.in' => __('This season cannot begin now.')]);
        $on = $start->begin(
            Season::held((int) $values['season']),
            new FirstSupers(
                $values['super_on'],
                self::ids($values['hives'] ?? []),
                $values['kind'],
                $values['put_on'],
                $values['excluder'] === 'yes',
            ),
            self::ids($values['died'] ?? []),
            $values['queens'] === 'same',
        );

        return $this->done(__('Season :year has begun.', ['year' => $values['season']]).' '.trans_choice(
            '{0} No super was put on.|{1} :count super is on.|[2,*] :count supers are on.',
            $on,
        ));
    }

    /** @return list<int> the one that is on, or the one that was never closed */
    private function mayClose(): array
    {
        $now = $this->seasons->now();

        return array_values(array_unique(array_filter([$now->toClose, $now->isOn ? $now->season : null])));
    }

    /**
     * @param  array<array-key, mixed>  $given
     * @return list<string>
     */
    private static function ids(array $given): array
    {
        return array_values(array_filter($given, is_string(...)));
    }

    private function done(string $words): RedirectResponse
    {
        return Saved::at(route('season.show'), $words);
    }
}
