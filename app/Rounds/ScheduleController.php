<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Models\CalendarLink;
use App\Models\Clearing;
use App\Models\ClearingSuper;
use App\Models\Schedule;
use App\Operation\CurrentOperation;
use App\Support\Http\Saved;
use App\Support\Units\Formatter;
use DateTimeImmutable;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Marjoram\Core\Rounds\Way;

/** Plans over all yards: asked for, searched in the background, changed by hand, compared, and taken into use. */
final readonly class ScheduleController
{
    private const ASKED = [
        'days' => 12,
        'seconds' => 4,
        'crew_min' => [300, 300, 300, 300, 300, 480, 0],
        'truck_supers' => 60,
        'hold_supers' => 90,
        'held_supers' => 0,
        'extract_supers' => 40,
        'split' => false,
        'later' => BatchReader::OWN,
    ];

    public function __construct(private CurrentOperation $current, private QuestionReader $tasks)
    {
    }

    public function index(): View
    {
        return view('clear.rounds', [
            'rounds' => array_values(
                Schedule::query()
                    ->withCount('plans')
                    ->orderByDesc('id')
                    ->limit(20)
                    ->get()
                    ->map(fn (Schedule $round): ScheduleState => ScheduleState::of($round))
                    ->all(),
            ),
            'out' => $this->boardsOut(),
            'links' => CalendarLink::query()->where('user_id', Auth::id())->orderBy('name')->get(),
        ]);
    }

    /** The form for a plan, with what would come in; what was asked last is likely asked again. */
    public function create(Request $request): View
    {
        $values = $request->validate([
            'days' => ['nullable', 'integer', 'between:2,21'],
            'later' => ['nullable', Rule::in([BatchReader::OWN, BatchReader::TOGETHER, BatchReader::OUT])],
        ]);
        $asked = (Schedule::query()->latest('id')->first()->settings ?? []) + self::ASKED;
        $days = (int) ($values['days'] ?? $asked['days']);
        $later = (string) ($values['later'] ?? $asked['later']);
        [$batches, $left] = $this->tasks->batches($days, $later);

        return view('clear.rounds-new', [
            'dates' => $this->tasks->dates($days),
            'asked' => ['days' => $days, 'later' => $later] + $asked,
            'batches' => $batches,
            'left' => $left,
        ]);
    }

    /** @return list<array{plan: string, yard: string, boards: int, since: \Illuminate\Support\Carbon, nights: int}> where boards are and since when */
    private function boardsOut(): array
    {
        $today = $this->current->today()->format('Y-m-d');

        return array_values(
            Clearing::query()
                ->where('method', 'escape-board')
                ->where('state', '!=', 'collected')
                ->with(['items', 'apiary'])
                ->orderBy('first_on')
                ->get()
                ->map(
                    fn (Clearing $plan): array => [
                        'plan' => $plan->id,
                        'yard' => $plan->apiary->name,
                        'boards' => $plan->items
                            ->filter(
                                fn (ClearingSuper $item): bool => $item->placed_at !== null &&
                                    $item->collected_at === null,
                            )
                            ->pluck('hive_id')
                            ->unique()
                            ->count(),
                        'since' => $plan->first_on,
                        'nights' => max(0, (int) $plan->first_on->diffInDays($today)),
                    ],
                )
                ->filter(fn (array $one): bool => $one['boards'] > 0)
                ->all(),
        );
    }

    public function store(ScheduleRequest $request, Formatter $format): RedirectResponse
    {
        $settings = $request->settings();
        $task = $this->tasks->ask($settings);
        if ($task['yards'] === []) {
            throw ValidationException::withMessages([
                'name' => __(
                    'Nothing is to come off: no super is ripe or will be in these days, free of the winter share and not on a plan already.',
                ),
            ]);
        }
        $round = Schedule::query()->create([
            'name' => $request->text('name') ?:
                __('Rounds from :day', [
                    'day' => $format->date(new DateTimeImmutable((string) $task['days'][0]['date'])),
                ]),
            'starts_on' => $task['days'][0]['date'],
            'settings' => $settings,
            'task' => $task,
        ]);
        $this->search($round, $settings['seconds']);

        return Saved::at(route('clear.rounds.show', $round->id), __('The plan is being searched.'));
    }

    public function show(Request $request, Schedule $round): Response
    {
        $day = $request->query('day');
        $state = ScheduleState::of($round->load('plans'));

        $polled = $request->header('HX-Request') === 'true';
        $page = response()->view($polled ? 'clear.round-board' : 'clear.round', [
            'state' => $state,
            'round' => $round,
            'day' => is_string($day) ? RoundMap::dayOf($round, $day) : $state->firstBusyDay(),
        ]);

        // What may be done with a plan stands outside of what is polled: when the search has ended the page is fetched anew.
        return $polled && ! $state->isRunning() ? $page->header('HX-Refresh', 'true') : $page;
    }

    public function stop(Schedule $round): RedirectResponse
    {
        DB::table('round_searches')
            ->where('round_id', $round->id)
            ->whereIn('state', ['waiting', 'planning'])
            ->update(['state' => 'stopping', 'updated_at' => now()]);

        return Saved::at(route('clear.rounds.show', $round->id), __('The search stops with the best it has.'));
    }

    /** All that is not locked is planned anew; with what the yards and the sky have today, where that is asked for. */
    public function again(Request $request, Schedule $round): RedirectResponse
    {
        if ($request->boolean('afresh')) {
            $this->refresh($round);
        }
        $this->search($round, (int) ($round->settings['seconds'] ?? 5));

        return Saved::at(route('clear.rounds.show', $round->id), __('The rest is being planned again.'));
    }

    /** What was locked stays locked where its yard and its days are still in the plan. */
    private function refresh(Schedule $round): void
    {
        if ($round->plans()->exists()) {
            throw ValidationException::withMessages([
                'round' => __('This plan is in use: what is left for another day belongs to a new plan.'),
            ]);
        }
        /** @phpstan-ignore argument.type (settings are what RoundRequest made) */
        $task = $this->tasks->ask($round->settings);
        if ($task['yards'] === []) {
            throw ValidationException::withMessages(['round' => __('Nothing is left to come off.')]);
        }
        $round->fill(['starts_on' => $task['days'][0]['date'], 'task' => $task]);
        $round
            ->fill([
                'services' => RoundMap::still($round, $round->services),
                'locks' => RoundMap::still($round, $round->locks),
            ])
            ->save();
    }

    /** A visit on another day, by another method, or just locked where it is; what breaks is shown, not forbidden. */
    public function move(Request $request, Schedule $round): RedirectResponse
    {
        $ids = array_column($round->task['yards'], 'id');
        $dates = array_column($round->task['days'], 'date');
        $values = $request->validate(
            [
                'yard' => ['required', Rule::in($ids)],
                'part' => ['nullable', 'integer', 'min:0'],
                'way' => ['required', Rule::enum(Way::class)],
                'last' => ['required', Rule::in($dates)],
                'first' => ['nullable', Rule::in($dates)],
                'version' => ['nullable', 'integer'],
            ],
            ['last.in' => __('That day is not in this plan.'), 'first.in' => __('That day is not in this plan.')],
        );
        $round->claim($values['version'] ?? null);
        $way = Way::from((string) $values['way']);
        $last = (string) $values['last'];
        $first = $way === Way::Escape ? (string) ($values['first'] ?? $last) : $last;
        if ($way === Way::Escape && ($first >= $last || $first < date('Y-m-d', (int) strtotime("$last -3 days")))) {
            throw ValidationException::withMessages([
                'first' => __('Boards go on one to three nights before their supers come in.'),
            ]);
        }
        $yard = $round->task['yards'][(int) array_search($values['yard'], $ids, true)];
        // One part of a yard moves by itself; without a part the yard moves as a whole.
        $part = isset($values['part']) ? $round->services[(int) $values['part']] ?? null : null;
        $moved =
            $part !== null && $part['yard'] === $yard['id']
                ? static fn (array $one): bool => $one === $part
                : static fn (array $one): bool => $one['yard'] === $yard['id'];
        $service = [
            'yard' => (string) $yard['id'],
            'hives' => $part !== null && $part['yard'] === $yard['id'] ? $part['hives'] : (int) $yard['hives'],
            'way' => $way->value,
            'first' => $first,
            'last' => $last,
        ];
        $rest = static fn (array $all): array => array_values(
            array_filter($all, static fn (array $one): bool => ! $moved($one)),
        );
        $round->update([
            'services' => [...$rest($round->services), $service],
            'locks' => [...$rest($round->locks), $service],
        ]);

        return Saved::at(
            route('clear.rounds.show', $round->id),
            __(':yard is locked there; plan the rest again when you like.', ['yard' => $yard['name']]),
        );
    }

    public function unlock(Request $request, Schedule $round): RedirectResponse
    {
        $values = $request->validate(['yard' => ['required', 'string', 'max:40']]);
        $round->update([
            'locks' => array_values(
                array_filter($round->locks, static fn (array $lock): bool => $lock['yard'] !== $values['yard']),
            ),
        ]);

        return Saved::at(route('clear.rounds.show', $round->id), __('It may be moved by the planner again.'));
    }

    /** The visits become the plans of their yards, each with its sheet, its boards and its supers. */
    public function use(Schedule $round, ScheduleUse $use): RedirectResponse
    {
        if ($round->plans()->exists()) {
            throw ValidationException::withMessages(['round' => __('This plan is in use already.')]);
        }
        if ($round->services === []) {
            throw ValidationException::withMessages(['round' => __('There is no visit to use yet.')]);
        }
        $made = $use->plans($round);

        return Saved::at(
            route('clear.rounds.show', $round->id),
            trans_choice(
                '{0} Nothing was left to plan.|{1} :count visit has its sheet.|[2,*] :count visits have their sheets.',
                $made,
            ),
        );
    }

    public function destroy(Schedule $round): RedirectResponse
    {
        $round->delete();

        return Saved::at(route('clear.rounds.index'), __('The plan is in the bin.'));
    }

    private function search(Schedule $round, int $seconds): void
    {
        DB::table('round_searches')->updateOrInsert(
            ['round_id' => $round->id],
            [
                'state' => 'waiting',
                'iterations' => 0,
                'best_min' => null,
                'services' => null,
                'created_at' => now(),
                'updated_at' => now(),
            ],
        );
        SearchSchedule::dispatch($this->current->get()->id, $round->id, $seconds)->afterCommit();
    }
}
