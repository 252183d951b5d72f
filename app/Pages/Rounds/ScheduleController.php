<?php

declare(strict_types=1);

namespace App\Pages\Rounds;

use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Http\Saved;
use App\Foundation\Units\Formatter;
use App\Models\Schedule;
use App\Models\Schedules\ScheduleSettings;
use App\Models\Schedules\Waiting;
use App\Models\ScheduleSearch;
use App\Models\SearchState;
use App\Words\Wording;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Marjoram\Core\Rounds\Visit;

/** Schedules over all yards: asked for, searched in the background, changed by hand, compared, and taken into use. */
final readonly class ScheduleController
{
    public function __construct(private CurrentOperation $current, private QuestionReader $questions)
    {
    }

    public function index(SchedulesPage $page): View
    {
        return view('rounds.index', ['page' => $page]);
    }

    /** The form for a schedule, with what would come in; what was asked last is likely asked again. */
    public function create(Request $request, Formatter $format, WithinReach $reach): View
    {
        $values = $request->validate([
            'days' => ['nullable', 'integer', 'between:2,21'],
            'later' => ['nullable', Rule::enum(Waiting::class)],
        ]);
        $last = Schedule::query()->latest('id')->first()->settings ?? new ScheduleSettings;
        $asked = $last->asking(
            (int) ($values['days'] ?? $last->days),
            Waiting::tryFrom((string) ($values['later'] ?? '')) ?? $last->waiting,
        );
        $bare = (new ScheduleSettings)->asking($asked->days, $asked->waiting);
        $batches = $this->questions->batches($bare);
        $first = $reach->asksFirst($batches);
        $page = new NewSchedulePage(
            $asked,
            $first === null ? $reach->of($batches) : $batches,
            $first,
            $this->questions->days($asked->days),
            $format,
        );

        return view('rounds.new', ['page' => $page]);
    }

    public function store(ScheduleRequest $request, Formatter $format): RedirectResponse
    {
        $settings = $request->settings();
        $question = $this->questions->ask($settings);
        $first = $question->firstDay()?->weather->date;
        if ($question->yards === [] || $first === null) {
            throw ValidationException::withMessages(['name' => __(
                'No super can come off in these days: none is ripe, free for harvest and still unplanned.',
            )]);
        }
        $schedule = Schedule::query()->create([
            'name' => $request->text('name') ?: __('Schedule from :day', ['day' => $format->date($first)]),
            'starts_on' => $first,
            'settings' => $settings,
            'question' => $question,
        ]);
        $this->search($schedule);

        return Saved::at(route('clear.rounds.show', $schedule->id), __('The search for a schedule has begun.'));
    }

    public function show(Request $request, Schedule $schedule, Formatter $format, Wording $say): Response
    {
        $day = $request->query('day');
        $state = ScheduleState::orBroken($schedule->load(['clearings', 'search']));
        if ($state instanceof BrokenSchedule) {
            return response()->view('rounds.broken', ['broken' => $state]);
        }
        $polled = $request->header('HX-Request') === 'true';
        $page = new SchedulePage($state, is_string($day) ? $day : null, $format, $say);
        $answer = response()->view($polled ? 'rounds.board' : 'rounds.show', ['page' => $page]);

        // What may be done stands outside of what is polled: when the search has ended the page is fetched again.
        return $polled && ! $state->isRunning() ? $answer->header('HX-Refresh', 'true') : $answer;
    }

    public function stop(Schedule $schedule): RedirectResponse
    {
        ScheduleSearch::query()
            ->whereKey($schedule->id)
            ->whereIn('state', [SearchState::Waiting, SearchState::Planning])
            ->update(['state' => SearchState::Stopping]);

        return $this->saved($schedule, __('The search stops with the best schedule found.'));
    }

    /** All that is not locked is planned again; with what the yards and the sky have today, where that is asked for. */
    public function again(Request $request, Schedule $schedule): RedirectResponse
    {
        if ($request->boolean('afresh')) {
            $this->refresh($schedule);
        }
        $this->search($schedule);

        return $this->saved($schedule, __('The rest is being searched again.'));
    }

    /** A visit on another day, by another method, or just locked where it is; what breaks is shown, not forbidden. */
    public function move(MoveVisitRequest $request, Schedule $schedule): RedirectResponse
    {
        $version = $request->input('version');
        $schedule->claim(is_numeric($version) ? (int) $version : null);
        $visit = $request->visit();
        $others = static fn (array $all): array => array_values(array_filter($all, $request->isOther(...)));
        $schedule->update([
            'visits' => [...$others($schedule->visits), $visit],
            'locks' => [...$others($schedule->locks), $visit],
        ]);

        return $this->saved($schedule, __(':yard is locked there. You can search the rest again.', [
            'yard' => $schedule->question->nameOf($visit->yard),
        ]));
    }

    public function unlock(Request $request, Schedule $schedule): RedirectResponse
    {
        $values = $request->validate(['yard' => ['required', 'string', 'max:40']]);
        $stays = static fn (Visit $lock): bool => $lock->yard !== $values['yard'];
        $schedule->update(['locks' => array_values(array_filter($schedule->locks, $stays))]);

        return $this->saved($schedule, __('The search may move the visit again.'));
    }

    /** The visits become the clearings of their yards, each with its sheet, its boards and its supers. */
    public function use(Schedule $schedule, ScheduleUse $use): RedirectResponse
    {
        if ($schedule->clearings()->exists()) {
            throw ValidationException::withMessages(['round' => __('This schedule is in use already.')]);
        }
        if ($schedule->visits === []) {
            throw ValidationException::withMessages(['round' => __('This schedule has no visit yet.')]);
        }

        return $this->saved($schedule, trans_choice(
            '{0} No super was left to clear.|{1} :count visit has its sheet.|[2,*] :count visits have their sheets.',
            $use->clearings($schedule),
        ));
    }

    public function destroy(Schedule $schedule): RedirectResponse
    {
        $schedule->delete();

        return Saved::at(route('clear.rounds.index'), __('The schedule is in the bin.'));
    }

    /** What was locked stays locked where its yard and its days are still in the schedule. */
    private function refresh(Schedule $schedule): void
    {
        if ($schedule->clearings()->exists()) {
            throw ValidationException::withMessages(['round' => __(
                'This schedule is in use. Make a new one for the remaining supers.',
            )]);
        }
        $question = $this->questions->ask($schedule->settings);
        $first = $question->firstDay()?->weather->date;
        if ($question->yards === [] || $first === null) {
            throw ValidationException::withMessages(['round' => __('No super is left to come off.')]);
        }
        $kept = new KeptVisits($question->toCore($schedule->settings));
        $schedule->fill([
            'starts_on' => $first,
            'question' => $question,
            'visits' => $kept->of($schedule->visits),
            'locks' => $kept->of($schedule->locks),
        ])->save();
    }

    private function search(Schedule $schedule): void
    {
        ScheduleSearch::query()->updateOrCreate(['schedule_id' => $schedule->id], [
            'state' => SearchState::Waiting,
            'iterations' => 0,
            'best_min' => null,
            'visits' => [],
        ]);
        $job = new SearchSchedule($this->current->get()->id, $schedule->id, $schedule->settings->seconds);
        dispatch($job)->afterCommit();
    }

    private function saved(Schedule $schedule, string $words): RedirectResponse
    {
        return Saved::at(route('clear.rounds.show', $schedule->id), $words);
    }
}
