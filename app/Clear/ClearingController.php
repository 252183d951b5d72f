<?php

declare(strict_types=1);

namespace App\Clear;

use App\Models\Apiary;
use App\Models\Clearing;
use App\Models\ClearingSuper;
use App\Operation\CurrentOperation;
use App\Operation\Policy;
use App\Support\Http\Saved;
use App\YardState\BoxState;
use App\YardState\Looks\FrozenVerdict;
use App\YardState\YardReader;
use DateTimeZone;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Marjoram\Core\Clearing\Method;

/** A plan for a yard, its sheet for the day, and its ticks. */
final readonly class ClearingController
{
    public function __construct(
        private YardReader $yards,
        private ClearReader $clear,
        private CurrentOperation $current,
        private IntoHoneyRoom $intake,
        private FollowUps $followUps,
    ) {
    }

    public function show(Clearing $plan, \App\Day\DaySheet $sheet): View
    {
        $plan->load(['apiary', 'items.hive', 'items.box.place']);
        $yard = $this->yards->one($plan->apiary);

        return view('clear.plan', [
            'plan' => $plan,
            'load' => $sheet->loadOf($plan),
            'yard' => $yard,
            'lifts' => $this->clear->lifts($yard),
            'crew' => $this->current->get()->crew,
            'zone' => $this->current->get()->time_zone,
        ]);
    }

    public function store(Request $request, Apiary $apiary): RedirectResponse
    {
        $values = $request->validate(
            [
                'method' => ['required', Rule::enum(Method::class)],
                'boxes' => ['required', 'array', 'min:1'],
                'boxes.*' => ['string', 'max:26'],
            ],
            ['boxes.required' => __('Choose at least one super to come off.')],
        );
        $clearing = $this->clear->read($this->yards->one($apiary));
        $chosen = array_values(
            array_filter(
                $clearing->supers(),
                static fn (BoxState $box): bool => in_array($box->box->id, $values['boxes'], true),
            ),
        );
        if (count($chosen) !== count(array_unique($values['boxes']))) {
            throw ValidationException::withMessages([
                'boxes' => __(
                    'A super of this choice is not ripe, needed for winter, or on a plan already. Overrule it in Assess or Winter share first.',
                ),
            ]);
        }
        $method = $clearing->method($values['method']);
        if ($method === null || ! $method->feasible()) {
            throw ValidationException::withMessages([
                'method' => __('This method cannot be used: :why', ['why' => $method->refusal ?? '']),
            ]);
        }
        $plan = Clearing::query()->create([
            'apiary_id' => $apiary->id,
            'method' => $values['method'],
            'first_on' => $method->visits[0],
            'second_on' => $method->visits[1] ?? null,
            'person_minutes' => round($method->personMinutes, 1),
            'frozen' => [
                'reason' => $clearing->reason,
                'bees_left_per_super' => round($method->beesLeftPerSuper, 1),
                'cautions' => $method->cautions,
            ],
        ]);
        $policy = Policy::at($this->current, $apiary);
        foreach ($chosen as $box) {
            $plan->items()->create(['hive_id' => $box->place->hive_id, 'box_id' => $box->box->id]);
        }
        $plan->update([
            'frozen' => $plan->frozen + [
                'verdicts' => collect($chosen)
                    ->mapWithKeys(fn (BoxState $box): array => [$box->box->id => FrozenVerdict::of($box, $policy)])
                    ->all(),
            ],
        ]);

        return Saved::at(route('clear.plan', $plan->id), __('The plan is kept.'));
    }

    /** One tick: a board on, or a super on the truck; sent twice it stays one. */
    public function tick(Request $request, ClearingSuper $item): RedirectResponse
    {
        $values = $request->validate([
            'what' => ['required', Rule::in(['placed', 'collected'])],
            'done' => ['required', 'boolean'],
            'back' => ['nullable', 'date_format:Y-m-d'],
        ]);
        $item->load('plan');
        if ($values['what'] === 'collected' && $item->plan->state === 'collected') {
            throw ValidationException::withMessages(['done' => __('This plan is in the honey room already.')]);
        }
        $item->update([$values['what'].'_at' => (bool) $values['done'] ? $this->now() : null]);
        // The last board that goes on, or the first that comes off again, changes where the plan stands.
        $state =
            $values['what'] === 'placed'
                ? ($item->plan->load('items')->boardsAreOn()
                    ? 'placed'
                    : 'planned')
                : $item->plan->state;
        if ($state !== $item->plan->state) {
            $item->plan->update(['state' => $state]);
        }

        return Saved::at(
            isset($values['back']) ? route('clear.day', $values['back']) : route('clear.plan', $item->clear_plan_id),
            __('Ticked.'),
        );
    }

    public function placed(Clearing $plan): RedirectResponse
    {
        $plan->load('items');
        foreach ($plan->items->whereNull('placed_at') as $item) {
            $item->update(['placed_at' => $this->now()]);
        }
        $plan->update(['state' => 'placed']);

        return Saved::at(route('clear.plan', $plan->id), __('The boards are on.'));
    }

    public function collected(Clearing $plan): RedirectResponse
    {
        $plan->load(['items.box.place', 'items.hive.colony', 'apiary']);
        if ($plan->state === 'collected') {
            throw ValidationException::withMessages(['plan' => __('This plan is in the honey room already.')]);
        }
        foreach ($plan->items->whereNull('collected_at') as $item) {
            $item->update(['collected_at' => $this->now()]);
        }
        $lot = $this->intake->take($plan, $this->yards->one($plan->apiary));
        $this->followUps->after($plan, $lot->harvest);
        $plan->update(['state' => 'collected']);

        return Saved::at(
            route('honey-room.lot', $lot->id),
            __(':n supers are in the honey room as lot :lot.', ['n' => $plan->items->count(), 'lot' => $lot->code]),
        );
    }

    public function destroy(Clearing $plan): RedirectResponse
    {
        $plan->load(['apiary', 'items']);
        if ($plan->state === 'collected') {
            throw ValidationException::withMessages([
                'plan' => __('This plan is in the honey room already; undo that first.'),
            ]);
        }
        $plan->items->each(fn (ClearingSuper $item) => $item->delete());
        $plan->delete();

        return Saved::at(route('clear.yard', $plan->apiary->slug), __('The plan is in the bin.'));
    }

    private function now(): \DateTimeImmutable
    {
        return $this->current->now()->setTimezone(new DateTimeZone('UTC'));
    }
}
