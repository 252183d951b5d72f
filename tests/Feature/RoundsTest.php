<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Apiary;
use App\Models\Clearing;
use App\Models\ClearingSuper;
use App\Models\FollowUp;
use App\Models\LoadingTick;
use App\Models\Schedule;
use App\Models\Schedules\AskedDay;
use App\Models\Schedules\AskedYard;
use App\Models\ScheduleSearch;
use App\Models\SearchState;
use App\Pages\Rounds\ScheduleState;
use App\Pages\Rounds\SearchSchedule;
use DateTimeImmutable;
use Marjoram\Core\Clearing\Method;
use Marjoram\Core\Rounds\Visit;

/** A plan over all yards, from the question to the sheets of the yards. */
final class RoundsTest extends FeatureTestCase
{
    use AsksForRounds;

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('keeper')->demo();
    }

    public function test_a_plan_is_asked_for_searched_and_used(): void
    {
        $schedule = $this->planned();
        $state = ScheduleState::of($schedule);
        self::assertTrue($state->plan->isFeasible());
        self::assertSame([], $state->plan->notServed);
        self::assertSame([], $state->shortfalls);
        $this->get("/clear/rounds/$schedule->id")
            ->assertOk()
            ->assertSee('Days and visits of the schedule')
            ->assertSee('Use this schedule')
            ->assertSee('Ekbacken');
        $this->get('/clear/rounds')->assertOk()->assertSee($schedule->name);
        $items = ClearingSuper::query()->count();
        $this->send('POST', "/clear/rounds/$schedule->id/use")->assertStatus(303);
        $plans = Clearing::query()->where('schedule_id', $schedule->id)->get();
        self::assertCount(count($schedule->refresh()->visits), $plans);
        self::assertSame(
            $items + array_sum(array_map(static fn (AskedYard $yard): int => $yard->supers(), $schedule->question->yards)),
            ClearingSuper::query()->count(),
        );
        $this->get('/clear/plans/'.$plans->firstOrFail()->id)->assertOk();
        $this->aDay($plans->firstOrFail());
        $this->send('POST', "/clear/rounds/$schedule->id/use", from: "/clear/rounds/$schedule->id")
            ->assertStatus(422)
            ->assertSee('in use already');
        $this->send('POST', '/clear/rounds', RouteCatalogue::ROUNDS, from: '/clear/rounds/new')
            ->assertStatus(422)
            ->assertSee('No super can come off in these days');
        // All of it is one write: one undo takes back every yard's plan.
        $this->send('POST', '/undo');
        self::assertSame(0, Clearing::query()->where('schedule_id', $schedule->id)->count());
    }

    /** The sheet of the day on which a plan's supers come in: stops in order, what to load, ticks that stay one. */
    private function aDay(Clearing $plan): void
    {
        $day = ($plan->second_on ?? $plan->first_on)->format('Y-m-d');
        $this->get("/clear/days/$day")
            ->assertOk()
            ->assertSee('supers in')
            ->assertSee('To load')
            ->assertSee('first aid')
            ->assertSee('1. ');
        $key = (string) \Illuminate\Support\Str::ulid();
        $this->send('PUT', "/clear/days/$day/load", ['thing' => 'smoker', 'done' => '1'], $key)->assertRedirect(
            "/clear/days/$day",
        );
        $this->send('PUT', "/clear/days/$day/load", ['thing' => 'smoker', 'done' => '1'])->assertStatus(303);
        self::assertSame(1, LoadingTick::query()->where('thing', 'smoker')->count());
        $this->send('PUT', "/clear/days/$day/load", ['thing' => 'smoker', 'done' => '0'])->assertStatus(303);
        self::assertSame(0, LoadingTick::query()->where('thing', 'smoker')->count());
        $item = $plan->items()->firstOrFail();
        $this->send('PUT', "/clear/items/$item->id", [
            'what' => 'collected',
            'done' => '1',
            'back' => $day,
        ])->assertRedirect("/clear/days/$day");
        self::assertNotNull($item->refresh()->collected_at);
        foreach (['' => '595.28', '?paper=letter' => '612.00'] as $paper => $width) {
            $pdf = (string) $this->get("/clear/days/$day.pdf$paper")
                ->assertOk()
                ->assertHeader('Content-Type', 'application/pdf')
                ->getContent();
            self::assertStringStartsWith('%PDF-', $pdf);
            self::assertStringContainsString("/MediaBox [0.000 0.000 {$width}0", $pdf);
        }
        $this->get('/clear/days/2026-02-31')->assertNotFound();
        $this->get('/clear/days/2026-01-31')->assertOk()->assertSee('No visit is planned for this day');
        for ($n = 0; $n < 3; $n++) {
            $this->send('POST', '/undo');
        }
        self::assertNull($item->refresh()->collected_at);
    }

    public function test_a_visit_is_moved_and_locked_and_what_breaks_is_shown(): void
    {
        $schedule = $this->planned();
        $yard = $schedule->question->yards[0];
        $dates = $schedule->question->dates();
        $this->send('PUT', "/clear/rounds/$schedule->id/move", [
            'yard' => $yard->id,
            'method' => 'brush',
            'last' => $dates[5],
        ])->assertStatus(303);
        $state = ScheduleState::of($schedule->refresh());
        $day = new DateTimeImmutable($dates[5]);
        self::assertContainsEquals(
            new Visit($yard->id, count($yard->hives), Method::Brush, $day, $day),
            $schedule->visits,
        );
        self::assertSame([$yard->id], array_column($schedule->locks, 'yard'));
        $this->get("/clear/rounds/$schedule->id")->assertSee('Unlock '.$yard->name);
        // The planner leaves it where it is.
        $this->search($schedule);
        $moved = array_values(
            array_filter($schedule->refresh()->visits, static fn (Visit $one): bool => $one->yard === $yard->id),
        )[0];
        self::assertSame([Method::Brush, $dates[5]], [$moved->method, $moved->lastDay()]);
        // On a day off it breaks the crew's time, and is shown to.
        $sunday = self::dayOff($schedule);
        $this->send('PUT', "/clear/rounds/$schedule->id/move", [
            'yard' => $yard->id,
            'method' => 'brush',
            'last' => $sunday,
        ])->assertStatus(303);
        self::assertFalse(ScheduleState::of($schedule->refresh())->plan->isFeasible());
        $this->get("/clear/rounds/$schedule->id")->assertSee('minutes of crew time too many');
        $this->send('PUT', "/clear/rounds/$schedule->id/unlock", ['yard' => $yard->id])->assertStatus(303);
        self::assertSame([], $schedule->refresh()->locks);
        self::assertGreaterThan(0.0, $state->plan->cost->total());
    }

    public function test_what_cannot_be_asked_is_explained(): void
    {
        $this->send(
            'POST',
            '/clear/rounds',
            ['weekday_min' => '0', 'saturday_min' => '0'] + RouteCatalogue::ROUNDS,
            from: '/clear/rounds',
        )
            ->assertStatus(422)
            ->assertSee('No day has crew time');
        $this->send('POST', '/clear/rounds', ['days' => '90'] + RouteCatalogue::ROUNDS, from: '/clear/rounds')->assertStatus(422);
        $this->send('POST', '/clear/rounds', ['days_off' => 'Christmas'] + RouteCatalogue::ROUNDS, from: '/clear/rounds')
            ->assertStatus(422)
            ->assertSee('Days such as 2026-08-08');
        $schedule = $this->planned(['days_off' => '2026-08-07, 2026-08-12']);
        $off = array_filter(
            $schedule->question->days,
            static fn (AskedDay $day): bool => in_array($day->date(), ['2026-08-07', '2026-08-12'], true),
        );
        self::assertSame([0, 0], array_values(array_map(static fn (AskedDay $day): int => $day->crewMin, $off)));
        $yard = $schedule->question->yards[0]->id;
        $dates = $schedule->question->dates();
        $this->send(
            'PUT',
            "/clear/rounds/$schedule->id/move",
            ['yard' => $yard, 'method' => 'escape-board', 'first' => $dates[5], 'last' => $dates[5]],
            from: "/clear/rounds/$schedule->id",
        )
            ->assertStatus(422)
            ->assertSee('one to three nights');
        $this->send(
            'PUT',
            "/clear/rounds/$schedule->id/move",
            ['yard' => $yard, 'method' => 'brush', 'last' => '2030-01-01'],
            from: "/clear/rounds/$schedule->id",
        )
            ->assertStatus(422)
            ->assertSee('That day is not in this schedule');
        $this->send(
            'PUT',
            "/clear/rounds/$schedule->id/move",
            ['yard' => $yard, 'method' => 'brush', 'last' => $dates[5], 'version' => '99'],
            from: "/clear/rounds/$schedule->id",
        )->assertStatus(409);
    }

    public function test_after_the_supers_are_in_there_is_more_to_do(): void
    {
        $schedule = $this->planned();
        $this->send('POST', "/clear/rounds/$schedule->id/use")->assertStatus(303);
        $plan = Clearing::query()->where('schedule_id', $schedule->id)->firstOrFail();
        $this->demo()->update(['demo_today' => ($plan->second_on ?? $plan->first_on)->format('Y-m-d')]);
        $this->demo();
        $this->send('PUT', "/clear/plans/$plan->id/collected")->assertStatus(303);
        self::assertEqualsCanonicalizing(
            ['space', 'wet-supers', 'excluder-out'],
            FollowUp::query()->where('apiary_id', $plan->apiary_id)->pluck('what')->all(),
        );
        $this->get('/clear')
            ->assertOk()
            ->assertSee('After the harvest')
            ->assertSee('queen excluders out before winter');
        $one = FollowUp::query()->where('what', 'space')->firstOrFail();
        $this->send('PUT', "/clear/follow-ups/$one->id", ['done' => '1'])->assertStatus(303);
        $this->send('PUT', "/clear/follow-ups/$one->id", ['done' => '1'])->assertStatus(303);
        self::assertNotNull($one->refresh()->done_at);
        $this->get('/clear')->assertDontSee('give the bees space, or reduce');
    }

    public function test_rounds_are_at_hand_however_many_yards_there_are(): void
    {
        $this->get('/clear')->assertOk()->assertSee('Plan a schedule over all yards');
        for ($n = 0; $n < 4; $n++) {
            Apiary::query()->create([
                'name' => "More $n",
                'slug' => "more-$n",
                'letter' => "Q$n",
                'latitude' => 56.0,
                'longitude' => 13.0,
                'climate' => array_fill(0, 12, 8.0),
            ]);
        }
        FollowUp::query()->create([
            'apiary_id' => Apiary::query()->firstOrFail()->id,
            'what' => 'space',
            'due_on' => '2026-08-09',
        ]);
        $this->get('/clear')
            ->assertOk()
            ->assertSee('Choose a yard to see it drawn')
            ->assertSee('Plan a schedule over all yards')
            ->assertSee('After the harvest');
    }

    public function test_a_running_search_shows_its_best_and_can_be_stopped(): void
    {
        $schedule = $this->planned();
        ScheduleSearch::query()
            ->findOrFail($schedule->id)
            ->update([
                'state' => SearchState::Planning,
                'iterations' => 4321,
                'best_min' => 200,
                'visits' => $schedule->visits,
            ]);
        $this->get("/clear/rounds/$schedule->id", ['HX-Request' => 'true'])
            ->assertOk()
            ->assertSee('4,321 schedules tried')
            ->assertSee('every 1s')
            ->assertDontSee('<html', false)
            ->assertHeaderMissing('HX-Refresh');
        $this->send('PUT', "/clear/rounds/$schedule->id/stop")->assertStatus(303);
        self::assertSame(SearchState::Stopping, ScheduleSearch::query()->findOrFail($schedule->id)->state);
        $start = microtime(true);
        app()->call([new SearchSchedule((string) $schedule->operation_id, $schedule->id, 60), 'handle']);
        $this->demo();
        self::assertLessThan(50.0, microtime(true) - $start, 'It does not search its sixty seconds to the end.');
        self::assertSame(SearchState::Done, ScheduleSearch::query()->findOrFail($schedule->id)->state);
        $this->get("/clear/rounds/$schedule->id", ['HX-Request' => 'true'])
            ->assertOk()
            ->assertHeader('HX-Refresh', 'true');
    }

    public function test_what_does_not_fit_names_its_limit(): void
    {
        $schedule = $this->planned(['truck_supers' => '2']);
        $state = ScheduleState::of($schedule);
        self::assertNotSame([], $state->plan->notServed);
        $this->get("/clear/rounds/$schedule->id")
            ->assertSee('the truck takes 2')
            ->assertSee('Visit the yard in parts');
        $parts = ScheduleState::of($this->planned(['truck_supers' => '2', 'split' => '1', 'days' => '14']));
        self::assertTrue($parts->plan->isFeasible());
        self::assertLessThan(count($state->plan->notServed), count($parts->plan->notServed));
    }

    private static function dayOff(Schedule $schedule): string
    {
        foreach ($schedule->question->days as $day) {
            if ($day->crewMin === 0) {
                return $day->date();
            }
        }
        self::fail('Every day has crew time.');
    }
}
