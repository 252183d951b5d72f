<?php

declare(strict_types=1);

namespace App\Clear;

use App\Models\Clearing;
use App\Models\ClearingState;
use App\Support\Http\Saved;
use App\YardState\YardReader;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;

/** A stop is finished: boards on, or supers in, on the day on which it was really done; what was left says why. */
final readonly class FinishController
{
    public function placed(FinishRequest $request, Clearing $clearing): RedirectResponse
    {
        $this->hold($clearing);
        foreach ($request->done()->whereNull('placed_at') as $item) {
            $item->update(['placed_at' => $request->at()]);
        }
        foreach ($request->left() as $item) {
            $item->update(['placed_at' => null, 'left_why' => $request->why()]);
        }
        $on = $request->day()->format('Y-m-d');
        $next = $request->day()->modify('+1 day')->format('Y-m-d');
        $second = $clearing->second_on?->format('Y-m-d');
        $clearing->update([
            'first_on' => $on,
            'second_on' => $second === null ? null : max($second, $next),
            'state' => ClearingState::Placed,
        ]);

        return Saved::at(route('clear.plan', $clearing->id), __('The boards are on.'));
    }

    public function collected(
        FinishRequest $request,
        Clearing $clearing,
        IntoHoneyRoom $intake,
        FollowUps $followUps,
        YardReader $yards,
    ): RedirectResponse {
        $this->hold($clearing);
        $in = $request->done();
        foreach ($in->whereNull('collected_at') as $item) {
            $item->update(['collected_at' => $request->at()]);
        }
        foreach ($request->left() as $item) {
            $item->update(['collected_at' => null, 'left_why' => $request->why()]);
        }
        $on = $request->day()->format('Y-m-d');
        $clearing->update(
            ['state' => ClearingState::Collected] + ($clearing->second_on === null
                ? ['first_on' => $on]
                : ['second_on' => $on, 'first_on' => min($on, $clearing->first_on->format('Y-m-d'))]),
        );
        if ($in->isEmpty()) {
            return Saved::at(route('clear.plan', $clearing->id), __('Nothing came in; all of it stays on its hives.'));
        }
        $lot = $intake->take($clearing, $yards->one($clearing->apiary), $in, $request->day());
        $followUps->after($clearing->apiary, $lot->harvest);

        return Saved::at(route('honey-room.lot', $lot->id), __(':n supers are in the honey room as lot :lot.', [
            'n' => $in->count(),
            'lot' => $lot->code,
        ]));
    }

    /**
     * Of two who finish it at once the second finds it finished.
     *
     * @throws ValidationException
     */
    private function hold(Clearing $clearing): void
    {
        if ($clearing->claim(null)->isCollected()) {
            throw ValidationException::withMessages(['plan' => __('This clearing is in the honey room already.')]);
        }
    }
}
