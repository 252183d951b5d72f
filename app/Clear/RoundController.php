<?php

declare(strict_types=1);

namespace App\Clear;

use App\Models\Apiary;
use App\Models\Box;
use App\Models\CalendarLink;
use App\Models\ClearItem;
use App\Models\ClearPlan;
use App\Models\Round;
use App\Support\CurrentOperation;
use App\Support\Http\Saved;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Marjoram\Core\Rounds\Way;

/** Plans over all yards: asked for, searched in the background, changed by hand, compared, and taken into use. */
final readonly class RoundController
{
    public function __construct(private CurrentOperation $current, private RoundTasks $tasks)
    {
    }

    public function index(): View
    {
        // What was asked last is likely asked again.
        $last = Round::query()->latest('id')->first()->settings ?? [];

        return view('clear.rounds', ['rounds' => array_values(Round::query()->withCount('plans')->orderByDesc('id')->limit(20)->get()->map(fn (Round $round): RoundState => RoundState::of($round))->all()),
            'out' => $this->boardsOut(), 'links' => CalendarLink::query()->where('user_id', Auth::id())->orderBy('name')->get(),
            'asked' => $last + ['days' => 12, 'seconds' => 4, 'crew_min' => [300, 300, 300, 300, 300, 480, 0], 'truck_supers' => 60, 'hold_supers' => 90, 'extract_supers' => 40, 'split' => false]]);
    }

    /** @return list<array{plan: string, yard: string, boards: int, since: \Illuminate\Support\Carbon, nights: int}> where boards are and since when */
    private function boardsOut(): array
    {
        $today = $this->current->today()->format('Y-m-d');

        return array_values(ClearPlan::query()->where('method', 'escape-board')->where('state', '!=', 'collected')->with(['items', 'apiary'])->orderBy('first_on')->get()
            ->map(fn (ClearPlan $plan): array => ['plan' => $plan->id, 'yard' => $plan->apiary->name, 'boards' => $plan->items->filter(fn (ClearItem $item): bool => $item->placed_at !== null && $item->collected_at === null)->pluck('hive_id')->unique()->count(),
                'since' => $plan->first_on, 'nights' => max(0, (int) $plan->first_on->diffInDays($today))])->filter(fn (array $one): bool => $one['boards'] > 0)->all());
    }

    public function store(Request $request): RedirectResponse
    {
        $values = $request->validate(['name' => ['nullable', 'string', 'max:80'], 'days' => ['required', 'integer', 'between:2,21'], 'weekday_min' => ['required', 'integer', 'between:0,1440'], 'saturday_min' => ['required', 'integer', 'between:0,1440'], 'sunday_min' => ['required', 'integer', 'between:0,1440'],
            'truck_supers' => ['required', 'integer', 'between:0,2000'], 'hold_supers' => ['required', 'integer', 'between:0,5000'], 'held_supers' => ['required', 'integer', 'between:0,5000'], 'extract_supers' => ['required', 'integer', 'between:0,5000'], 'split' => ['sometimes', 'boolean'], 'seconds' => ['required', 'integer', 'between:1,60'],
            'days_off' => ['nullable', 'string', 'max:300', 'regex:/^\s*\d{4}-\d{2}-\d{2}(\s*[, ]\s*\d{4}-\d{2}-\d{2})*\s*$/']], ['days_off.regex' => __('Days such as 2026-08-08, 2026-08-15.')]);
        preg_match_all('/\d{4}-\d{2}-\d{2}/', (string) ($values['days_off'] ?? ''), $off);
        $settings = ['days' => (int) $values['days'], 'crew_min' => [...array_fill(0, 5, (int) $values['weekday_min']), (int) $values['saturday_min'], (int) $values['sunday_min']], 'truck_supers' => (int) $values['truck_supers'],
            'hold_supers' => (int) $values['hold_supers'], 'held_supers' => (int) $values['held_supers'], 'extract_supers' => (int) $values['extract_supers'], 'split' => $request->boolean('split'), 'seconds' => (int) $values['seconds'], 'days_off' => $off[0]];
        if (array_sum($settings['crew_min']) === 0) {
            throw ValidationException::withMessages(['weekday_min' => __('With no crew time on any day nothing can be planned: give some day its minutes.')]);
        }
        $task = $this->tasks->ask($settings);
        if ($task['yards'] === []) {
            throw ValidationException::withMessages(['name' => __('Nothing is to come off: no super is ripe, free of the winter share and not on a plan already.')]);
        }
        $round = Round::query()->create(['name' => $values['name'] ?? __('Rounds from :day', ['day' => $task['days'][0]['date']]), 'starts_on' => $task['days'][0]['date'], 'settings' => $settings, 'task' => $task]);
        $this->search($round, $settings['seconds']);

        return Saved::at(route('clear.rounds.show', $round->id), __('The plan is being searched.'));
    }

    public function show(Request $request, Round $round): View
    {
        $day = $request->query('day');
        $state = RoundState::of($round->load('plans'));

        return view($request->header('HX-Request') === 'true' ? 'clear.round-board' : 'clear.round', ['state' => $state, 'round' => $round, 'day' => is_string($day) ? RoundTasks::dayOf($round, $day) : $state->firstBusyDay()]);
    }

    public function stop(Round $round): RedirectResponse
    {
        DB::table('round_searches')->where('round_id', $round->id)->whereIn('state', ['waiting', 'planning'])->update(['state' => 'stopping', 'updated_at' => now()]);

        return Saved::at(route('clear.rounds.show', $round->id), __('The search stops with the best it has.'));
    }

    /** All that is not locked is planned anew. */
    public function again(Round $round): RedirectResponse
    {
        $this->search($round, (int) ($round->settings['seconds'] ?? 5));

        return Saved::at(route('clear.rounds.show', $round->id), __('The rest is being planned again.'));
    }

    /** A visit on another day, by another method, or just locked where it is; what breaks is shown, not forbidden. */
    public function move(Request $request, Round $round): RedirectResponse
    {
        $ids = array_column($round->task['yards'], 'id');
        $dates = array_column($round->task['days'], 'date');
        $values = $request->validate(['yard' => ['required', Rule::in($ids)], 'way' => ['required', Rule::enum(Way::class)], 'last' => ['required', Rule::in($dates)], 'first' => ['nullable', Rule::in($dates)], 'version' => ['nullable', 'integer']], ['last.in' => __('That day is not in this plan.'), 'first.in' => __('That day is not in this plan.')]);
        $round->claim($values['version'] ?? null);
        $way = Way::from((string) $values['way']);
        $last = (string) $values['last'];
        $first = $way === Way::Escape ? (string) ($values['first'] ?? $last) : $last;
        if ($way === Way::Escape && ($first >= $last || $first < date('Y-m-d', (int) strtotime("$last -3 days")))) {
            throw ValidationException::withMessages(['first' => __('Boards go on one to three nights before their supers come in.')]);
        }
        $yard = (string) $values['yard'];
        $place = array_search($yard, $ids, true);
        $service = ['yard' => $yard, 'hives' => (int) $round->task['yards'][is_int($place) ? $place : 0]['hives'], 'way' => $way->value, 'first' => $first, 'last' => $last];
        $round->update(['services' => [...array_values(array_filter($round->services, static fn (array $one): bool => $one['yard'] !== $yard)), $service], 'locks' => [$yard => ['way' => $way->value, 'first' => $first, 'last' => $last]] + $round->locks]);

        return Saved::at(route('clear.rounds.show', $round->id), __(':yard is locked there; plan the rest again when you like.', ['yard' => $round->task['yards'][is_int($place) ? $place : 0]['name']]));
    }

    public function unlock(Request $request, Round $round): RedirectResponse
    {
        $values = $request->validate(['yard' => ['required', 'string', 'max:26']]);
        $round->update(['locks' => array_diff_key($round->locks, [(string) $values['yard'] => true])]);

        return Saved::at(route('clear.rounds.show', $round->id), __('It may be moved by the planner again.'));
    }

    /** The visits become the plans of their yards, each with its sheet, its boards and its supers. */
    public function use(Round $round): RedirectResponse
    {
        if ($round->plans()->exists()) {
            throw ValidationException::withMessages(['round' => __('This plan is in use already.')]);
        }
        $state = RoundState::of($round);
        if ($state->plan->services === []) {
            throw ValidationException::withMessages(['round' => __('There is no visit to use yet.')]);
        }
        $made = 0;
        foreach ($round->services as $service) {
            $yard = array_values(array_filter($round->task['yards'], static fn (array $one): bool => $one['id'] === $service['yard']))[0];
            $boxes = Box::query()->whereIn('id', (array) $yard['boxes'])->with('place')->get()->filter(fn (Box $box): bool => $box->place !== null && ! DB::table('clear_items')->join('clear_plans', 'clear_plans.id', '=', 'clear_items.clear_plan_id')
                ->where('clear_items.box_id', $box->id)->where('clear_plans.state', '!=', 'collected')->whereNull('clear_items.deleted_at')->whereNull('clear_plans.deleted_at')->exists());
            $hives = $boxes->pluck('place.hive_id')->unique()->take($service['hives'])->all();
            $boxes = $boxes->filter(fn (Box $box): bool => in_array($box->place?->hive_id, $hives, true));
            if ($boxes->isEmpty() || Apiary::query()->whereKey($service['yard'])->doesntExist()) {
                continue;
            }
            $plan = ClearPlan::query()->create(['apiary_id' => $service['yard'], 'round_id' => $round->id, 'method' => Methods::ofWay(Way::from($service['way'])), 'first_on' => $service['first'], 'second_on' => $service['way'] === 'escape' ? $service['last'] : null,
                'person_minutes' => round($state->minutesOf($service), 1), 'frozen' => ['reason' => __('from the rounds ":name"', ['name' => $round->name]), 'bees_left_per_super' => 0, 'cautions' => []]]);
            foreach ($boxes as $box) {
                $plan->items()->create(['hive_id' => $box->place?->hive_id, 'box_id' => $box->id]);
            }
            $made++;
        }

        return Saved::at(route('clear.rounds.show', $round->id), trans_choice('{0} Nothing was left to plan.|{1} :count yard has its plan.|[2,*] :count yards have their plans.', $made));
    }

    public function destroy(Round $round): RedirectResponse
    {
        $round->delete();

        return Saved::at(route('clear.rounds.index'), __('The plan is in the bin.'));
    }

    private function search(Round $round, int $seconds): void
    {
        DB::table('round_searches')->updateOrInsert(['round_id' => $round->id], ['state' => 'waiting', 'iterations' => 0, 'best_min' => null, 'services' => null, 'created_at' => now(), 'updated_at' => now()]);
        PlanRound::dispatch($this->current->get()->id, $round->id, $seconds)->afterCommit();
    }
}
