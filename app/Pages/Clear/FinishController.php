<?php

declare(strict_types=1);

namespace App\Pages\Clear;

use App\Foundation\Http\Saved;
use App\Models\Clearing;
use App\Models\Lot;
use App\Models\StopTrouble;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;

/** A stop or a whole day is finished, on the day on which it was really done; what was left says why. */
final readonly class FinishController
{
    public function __construct(private FinishedStop $stop)
    {
    }

    public function placed(FinishRequest $request, Clearing $clearing): RedirectResponse
    {
        $this->stop->boardsOn($clearing, $request->of($clearing));

        return Saved::at(route('clear.plan', $clearing->id), __('The boards are on.'));
    }

    public function collected(FinishRequest $request, Clearing $clearing): RedirectResponse
    {
        $work = $request->of($clearing);
        $lot = $this->stop->supersIn($clearing, $work);
        if ($lot === null) {
            return Saved::at(route('clear.plan', $clearing->id), __('Nothing came in. All supers stay on their hives.'));
        }

        return Saved::at(route('honey-room.lot', $lot->id), self::inRoom($work->done->count(), [$lot]));
    }

    /** All stops of a day that nobody finished one by one. */
    public function day(FinishRequest $request, string $day): RedirectResponse
    {
        $clearings = $request->clearings();
        if ($clearings->isEmpty()) {
            throw ValidationException::withMessages(['plan' => __('This day has nothing left to do.')]);
        }
        $lots = [];
        $in = $not = 0;
        foreach ($clearings as $clearing) {
            $work = $request->of($clearing);
            foreach ($request->wrong($clearing) as $what) {
                StopTrouble::note($clearing, $what, $work->on());
            }
            if (! $request->wentTo($clearing)) {
                $not++;

                continue;
            }
            if ($clearing->places($day)) {
                $this->stop->boardsOn($clearing, $work);

                continue;
            }
            $lot = $this->stop->supersIn($clearing, $work);
            $lots = [...$lots, ...$lot === null ? [] : [$lot]];
            $in += $work->done->count();
        }

        return Saved::at(
            route('clear.day', $request->day()->format('Y-m-d')),
            implode(' ', array_filter([
                __('The day is finished.'),
                $lots === [] ? '' : self::inRoom($in, $lots),
                $not === 0 ? '' : __('What was not done waits under "Mend the plan".'),
            ])),
        );
    }

    /** @param  non-empty-list<Lot>  $lots */
    private static function inRoom(int $supers, array $lots): string
    {
        return trans_choice(
            '{1} :count super is in the honey room as lot :lot.|[2,*] :count supers are in the honey room as lot :lot.',
            $supers,
            ['lot' => implode(', ', array_map(static fn (Lot $lot): string => $lot->code, $lots))],
        );
    }
}
