<?php

declare(strict_types=1);

namespace App\Clear;

use App\Models\LoadingTick;
use App\Support\Http\Saved;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The sheet for one day on the road, on the phone and on paper. */
final readonly class DayController
{
    public function __construct(private DaySheet $sheet)
    {
    }

    public function show(string $day): View
    {
        abort_unless(checkdate((int) substr($day, 5, 2), (int) substr($day, 8, 2), (int) substr($day, 0, 4)), 404);
        $stops = $this->sheet->stops($day);

        return view('clear.day', ['day' => new \DateTimeImmutable($day), 'stops' => $stops, 'load' => $this->sheet->load($stops), 'ticked' => LoadingTick::query()->where('day', $day)->pluck('thing')->all()]);
    }

    /** Sent twice it stays one. */
    public function load(Request $request, string $day): RedirectResponse
    {
        $values = $request->validate(['thing' => ['required', 'alpha', 'max:30'], 'done' => ['required', 'boolean']]);
        $tick = LoadingTick::query()->where('day', $day)->where('thing', $values['thing'])->first();
        if ((bool) $values['done'] && $tick === null) {
            LoadingTick::query()->create(['day' => $day, 'thing' => $values['thing']]);
        } elseif (! (bool) $values['done']) {
            $tick?->delete();
        }

        return Saved::at(route('clear.day', $day), (bool) $values['done'] ? __('Loaded.') : __('Not loaded yet.'));
    }
}
