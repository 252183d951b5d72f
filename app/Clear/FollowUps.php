<?php

declare(strict_types=1);

namespace App\Clear;

use App\Models\Clearing;
use App\Models\FollowUp;
use App\Models\Harvest;
use App\Operation\CurrentOperation;
use App\Operation\Policy;
use App\Support\Http\Saved;
use App\YardState\Winter\WinterReader;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** What comes after the supers are in: space for the bees, wet supers back, the excluder out before winter. */
final readonly class FollowUps
{
    public function __construct(private CurrentOperation $current, private WinterReader $winter)
    {
    }

    /** @return array<string, string> */
    public static function words(): array
    {
        return [
            'space' => __('give the bees space, or reduce them to their winter boxes'),
            'wet-supers' => __(
                'wet supers back to the hives they came from (healthy colonies only; ask the bee inspector where in doubt)',
            ),
            'excluder-out' => __('queen excluders out before winter'),
        ];
    }

    public function after(Clearing $plan, Harvest $harvest): void
    {
        $today = $this->current->today();
        $winter = $this->winter->season($plan->apiary, Policy::at($this->current, $plan->apiary))->whole->from;
        foreach (
            [
                'space' => $today->modify('+1 day'),
                'wet-supers' => $today->modify('+4 days'),
                'excluder-out' => max($today->modify('+1 day'), $winter->modify('-7 days')),
            ] as $what => $due
        ) {
            // One reminder of a kind a yard is enough.
            if (
                FollowUp::query()
                    ->where('apiary_id', $plan->apiary_id)
                    ->where('what', $what)
                    ->whereNull('done_at')
                    ->doesntExist()
            ) {
                FollowUp::query()->create([
                    'apiary_id' => $plan->apiary_id,
                    'harvest_id' => $harvest->id,
                    'what' => $what,
                    'due_on' => $due->format('Y-m-d'),
                ]);
            }
        }
    }

    /** @return list<FollowUp> open ones, the soonest first */
    public static function open(): array
    {
        return array_values(
            FollowUp::query()->whereNull('done_at')->with('apiary')->orderBy('due_on')->limit(60)->get()->all(),
        );
    }

    public function tick(Request $request, FollowUp $followUp): RedirectResponse
    {
        $values = $request->validate(['done' => ['required', 'boolean']]);
        $followUp->update([
            'done_at' => (bool) $values['done'] ? $this->current->now()->setTimezone(new \DateTimeZone('UTC')) : null,
        ]);

        return Saved::at(route('clear.index').'#after', __('Done.'));
    }
}
