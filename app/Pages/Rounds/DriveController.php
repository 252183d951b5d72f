<?php

declare(strict_types=1);

namespace App\Pages\Rounds;

use App\Apiary\Days\Drives;
use App\Foundation\Http\Saved;
use App\Foundation\Units\Formatter;
use App\Models\Apiary;
use App\Models\Drive;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** What the drives from one place take, where the keeper knows better than the coordinates. */
final readonly class DriveController
{
    /** The honey room among the yards' slugs. */
    public const HOME = 'honey-room';

    public function __construct(private Drives $drives)
    {
    }

    public function show(Request $request, Formatter $format): View
    {
        $yards = Apiary::query()->orderBy('position')->orderBy('name')->get();
        $from = $yards->firstWhere('slug', $request->query('from'));
        $own = $this->drives->own();
        $home = $this->drives->depot();
        $rows = [];
        foreach ([null, ...$yards->all()] as $to) {
            if ($to?->id !== $from?->id) {
                $rows[] = new DriveRow(
                    $to->id ?? self::HOME,
                    $to->name ?? __('Honey room'),
                    $own[Drives::key($from, $to)] ?? null,
                    Drives::calculated($from, $to, $home),
                );
            }
        }

        return view('rounds.drives', [
            'yards' => $yards,
            'from' => $from,
            'home' => self::HOME,
            'rows' => $rows,
            'how' => __(
                'Road: :detour times the straight line, :way per hour, and :stop minutes to park and open the gate.',
                [
                    'detour' => Drives::DETOUR,
                    'way' => $format->lengths->way(Drives::KM_PER_HOUR),
                    'stop' => (int) Drives::STOP_MIN,
                ],
            ),
        ]);
    }

    /** An empty field gives the drive back to the coordinates. */
    public function update(Request $request): RedirectResponse
    {
        $values = $request->validate([
            'from' => ['required', 'string', 'max:90'],
            'minutes' => ['required', 'array', 'max:200'],
            'minutes.*' => ['nullable', 'numeric', 'between:0,1440'],
        ], [
            'minutes.*.between' => __('A drive must take between 0 and 1,440 minutes.'),
            'minutes.*.numeric' => __('Minutes, as a number.'),
        ]);
        $from = $values['from'] === self::HOME
            ? null
            : Apiary::query()->where('slug', $values['from'])->firstOrFail();
        $yards = Apiary::query()->get()->keyBy('id');
        foreach ((array) $values['minutes'] as $key => $minutes) {
            $to = $key === self::HOME ? null : $yards[$key] ?? null;
            if (($to !== null || $key === self::HOME) && $to?->id !== $from?->id) {
                $this->note($from, $to, is_numeric($minutes) ? round((float) $minutes, 1) : null);
            }
        }

        return Saved::at(
            route('clear.drives', ['from' => $values['from']]),
            __('The drives are saved; schedules made from now on use them.'),
        );
    }

    private function note(?Apiary $from, ?Apiary $to, ?float $minutes): void
    {
        $ends = array_filter([$from?->id, $to?->id]);
        sort($ends);
        $place = ['apiary_id' => $ends[0] ?? '', 'other_id' => $ends[1] ?? null];
        $known = Drive::query()->where($place)->first();
        match (true) {
            $minutes === null => $known?->delete(),
            $known === null => Drive::query()->create($place + ['minutes' => $minutes]),
            $known->minutes !== $minutes => $known->update(['minutes' => $minutes]),
            default => null,
        };
    }
}
