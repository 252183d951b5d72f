<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apiary\Days\DaySheet;
use App\Apiary\Hives\JudgedSuper;
use App\Apiary\Hives\YardReader;
use App\Apiary\Operation\OperationCache;
use App\Apiary\Overview\HiveOverview;
use App\Apiary\Overview\OverviewReader;
use App\Apiary\Winter\WinterReader;
use App\Foundation\Cache\ScopeVersions;
use App\Foundation\Units\Formatter;
use App\Models\Apiary;
use App\Models\Clearing;
use App\Models\Hive;
use App\Models\Schedule;
use App\Models\Schedules\AskedDay;
use App\Models\Schedules\AskedRounds;
use App\Models\Schedules\AskedYard;
use App\Models\Schedules\DeadlineReason;
use App\Models\Schedules\ScheduleSettings;
use App\Models\Schedules\Waiting;
use App\Models\Stand;
use App\Pages\Rounds\KeptVisits;
use App\Pages\Rounds\QuestionReader;
use App\Pages\Rounds\ReadySupers;
use App\Pages\Rounds\ScheduleParts;
use App\Pages\Rounds\ScheduleState;
use App\Pages\Rounds\ScheduleWords;
use DateTimeImmutable;
use Marjoram\Core\Clearing\Method;
use Marjoram\Core\Json\Fields;
use Marjoram\Core\Rounds\Capacity;
use Marjoram\Core\Rounds\ScheduleLimit;
use Marjoram\Core\Rounds\Sky;
use Marjoram\Core\Rounds\Visit;

/** Between which days each yard's supers should come in: what is to wait, the end of the flow, treatments, a person's own days. */
final class ReadyDatesTest extends FeatureTestCase
{
    use AsksForRounds;

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('keeper')->demo();
    }

    public function test_the_end_of_the_flow_and_the_treatment_set_the_last_day(): void
    {
        [$batches] = $this->batches(12);
        // By the scales and their weather it ended about 26 July: two weeks from then. The school yard's is not over.
        self::assertSame(
            ['2026-07-26', '2026-08-09', DeadlineReason::Flow],
            [$batches['ekbacken']->dates->flowEnds?->format('Y-m-d'), $batches['ekbacken']->dates->offBy->format('Y-m-d'), $batches['ekbacken']->dates->why],
        );
        self::assertSame(
            [null, '2026-08-19', DeadlineReason::Treatment],
            [
                $batches['skolgarden']->dates->flowEnds?->format('Y-m-d'),
                $batches['skolgarden']->dates->offBy->format('Y-m-d'),
                $batches['skolgarden']->dates->why,
            ],
        );
        $this->send('PUT', '/yards/ekbacken/policy', ['off_after_flow_days' => '12'])->assertStatus(303);
        self::assertSame('2026-08-07', $this->batches(12)[0]['ekbacken']->dates->offBy->format('Y-m-d'));
        // A day that is past already is the first there is: each day later costs.
        $this->send('PUT', '/yards/ekbacken/policy', ['off_after_flow_days' => '2'])->assertStatus(303);
        self::assertSame('2026-08-05', $this->batches(12)[0]['ekbacken']->dates->offBy->format('Y-m-d'));
        // The treatment's day stands where it is the earlier one.
        $this->send('PUT', '/yards/ekbacken/policy', ['off_after_flow_days' => '40'])->assertStatus(303);
        self::assertSame(
            ['2026-08-19', DeadlineReason::Treatment],
            [$this->batches(12)[0]['ekbacken']->dates->offBy->format('Y-m-d'), $this->batches(12)[0]['ekbacken']->dates->why],
        );
        $this->send(
            'PUT',
            '/yards/ekbacken/policy',
            ['off_after_flow_days' => '400'],
            from: '/yards/ekbacken',
        )->assertStatus(422);
    }

    public function test_the_last_day_of_a_harvest_is_when_its_flow_is_expected_to_end(): void
    {
        $this->send('POST', '/yards/skolgarden/harvests', [
            'name' => 'Lime',
            'starts_on' => '2026-07-01',
            'ends_on' => '2026-08-07',
            'off_after_flow_days' => '3',
        ])->assertStatus(303);
        $batch = $this->batches(12)[0]['skolgarden'];
        self::assertSame(
            ['2026-08-07', '2026-08-10', DeadlineReason::Flow],
            [$batch->dates->flowEnds?->format('Y-m-d'), $batch->dates->offBy->format('Y-m-d'), $batch->dates->why],
        );
        $asked = app(QuestionReader::class)->ask($this->settings());
        $yard = self::named($asked, 'Skolgården');
        // Robbers are about from that day on, there and not before.
        $dearth = array_map(static fn (Sky $sky): bool => $sky->dearth, array_slice($yard->skies, 0, 4));
        self::assertSame([false, false, true, true], $dearth);
    }

    public function test_what_is_to_wait_comes_in_when_it_is_ripe_with_its_yard_or_not_at_all(): void
    {
        [$own] = $this->batches(12);
        // Looked at on 4 August, ten more: to be capped enough at the pace of the last eleven days, and dry enough.
        self::assertSame(
            ['2026-08-13', '2026-08-19'],
            [$own['skolgarden-later']->dates->ready->format('Y-m-d'), $own['skolgarden-later']->dates->offBy->format('Y-m-d')],
        );
        self::assertSame('2026-08-05', $own['skolgarden']->dates->ready->format('Y-m-d'));
        [$together] = $this->batches(12, Waiting::Together);
        self::assertArrayNotHasKey('skolgarden-later', $together);
        self::assertSame(
            [2, '2026-08-13'],
            [count($together['skolgarden']->supers()), $together['skolgarden']->dates->ready->format('Y-m-d')],
        );
        [$out] = $this->batches(12, Waiting::Out);
        self::assertArrayNotHasKey('skolgarden-later', $out);
        self::assertCount(1, $out['skolgarden']->supers());
        $this->get('/clear/rounds/new')
            ->assertOk()
            ->assertSee('Skolgården, later')
            ->assertSee('12 supers')
            ->assertSee('ripe about Thu 13 Aug');
        $this->get('/clear/rounds/new?later=out&days=5')
            ->assertOk()
            ->assertDontSee('Skolgården, later')
            ->assertSee('11 supers');
        $this->get('/clear/rounds/new?days=900', ['Referer' => 'http://localhost/clear/rounds'])->assertStatus(422);
    }

    public function test_what_would_be_ripe_too_late_is_named_with_the_reason(): void
    {
        [$batches, $left] = $this->batches(5);
        self::assertArrayNotHasKey('skolgarden-later', $batches);
        self::assertStringContainsString(
            'Skolgården: 1 super will be ripe about Thu 13 Aug, after the last day of this schedule.',
            $left,
        );
        $this->send('POST', '/yards/skolgarden/treatments', [
            'what' => 'Mites, early',
            'supers_off_by' => '2026-08-10',
        ])->assertStatus(303);
        [$batches, $left] = $this->batches(12, Waiting::Together);
        self::assertSame(
            ['2026-08-05', '2026-08-10'],
            [$batches['skolgarden']->dates->ready->format('Y-m-d'), $batches['skolgarden']->dates->offBy->format('Y-m-d')],
        );
        self::assertStringContainsString(
            'Skolgården: 1 super would be ripe about Thu 13 Aug, too late for treatment (Mon 10 Aug). Take and dry the super, or leave it to the bees.',
            $left,
        );
        self::assertStringContainsString('Ekbacken: 5 supers need an inspection.', $left);
        self::assertStringContainsString(
            'Norra Heden: 5 supers must wait, and winter will need the honey.',
            $left,
        );
    }

    public function test_days_set_by_hand_stand_and_are_kept_for_the_next_time(): void
    {
        $ids = array_map(static fn (ReadySupers $batch): string => $batch->id(), $this->batches(12)[0]);
        $set = [
            $ids['ekbacken'] => [
                'in' => '1',
                'ready' => '2026-08-06',
                'ready_was' => '2026-08-05',
                'off_by' => '2026-08-08',
                'off_by_was' => '2026-08-09',
            ],
            $ids['tegelbruket'] => ['in' => '0', 'ready' => '2026-08-05', 'ready_was' => '2026-08-05'],
            $ids['skolgarden'] => [
                'in' => '1',
                'ready' => '2026-08-05',
                'ready_was' => '2026-08-05',
                'off_by' => '2026-08-19',
                'off_by_was' => '2026-08-19',
            ],
        ];
        $schedule = $this->planned(['days' => '12', 'yards' => $set]);
        $ekbacken = self::named($schedule->question, 'Ekbacken')->dates;
        self::assertSame(
            ['2026-08-06', '2026-08-08', DeadlineReason::ByHand],
            [$ekbacken->ready->format('Y-m-d'), $ekbacken->offBy->format('Y-m-d'), $ekbacken->why],
        );
        self::assertNull($schedule->question->yard($ids['tegelbruket']));
        self::assertSame(DeadlineReason::Treatment, $schedule->question->yard($ids['skolgarden'])?->dates->why);
        self::assertSame(['in' => true], $schedule->settings->toArray()['yards'][$ids['skolgarden']]);
        foreach ($schedule->visits as $visit) {
            $first = $visit->yard === $ids['ekbacken'] ? $visit->firstDay() : '2026-08-06';
            self::assertGreaterThanOrEqual('2026-08-06', $first);
        }
        $this->get("/clear/rounds/$schedule->id")->assertSee('off by Sat 8 Aug (set by hand)');
        $this->send(
            'POST',
            '/clear/rounds',
            ['yards' => [$ids['ekbacken'] => ['in' => '1', 'ready' => '2026-08-09', 'off_by' => '2026-08-07']]] +
                RouteCatalogue::ROUNDS,
            from: '/clear/rounds/new',
        )
            ->assertStatus(422)
            ->assertSee('Ekbacken is ready on 2026-08-09 and cannot be off by 2026-08-07')
            ->assertSee('value="2026-08-07"', false);
        $this->send(
            'POST',
            '/clear/rounds',
            ['yards' => [$ids['ekbacken'] => ['ready' => 'soon']]] + RouteCatalogue::ROUNDS,
            from: '/clear/rounds/new',
        )->assertStatus(422);
    }

    public function test_beyond_the_forecast_climate_means_are_taken_and_a_day_of_ones_own_is_its_yards_alone(): void
    {
        $this->send('POST', '/clear/weather', ['yard' => 'tegelbruket', 'alone' => '1',
            'date' => '2026-08-06',
            'min' => '9',
            'max' => '15',
            'rain' => '95',
            'sun' => '5',
        ])->assertStatus(303);
        $asked = app(QuestionReader::class)->ask($this->settings(21));
        $climate = array_values(Apiary::query()->where('slug', 'ekbacken')->firstOrFail()->climate);
        $last = $asked->days[20];
        self::assertTrue($last->presumed);
        self::assertFalse($asked->days[1]->presumed);
        self::assertEqualsWithDelta($climate[7] + 5.0, $last->weather->maxC, 1e-9);
        self::assertEqualsWithDelta(0.3, $last->weather->rainP, 1e-9);
        self::assertEqualsWithDelta(0.95, self::named($asked, 'Tegelbruket')->skies[1]->rainP, 1e-9);
        self::assertLessThan(0.9, self::named($asked, 'Ekbacken')->skies[1]->rainP);
        self::assertLessThan(0.95, $asked->days[1]->weather->rainP);
    }

    public function test_a_plan_is_made_anew_with_what_is_known_today(): void
    {
        $schedule = $this->planned(['days' => '12']);
        $yard = $schedule->question->yards[0];
        $dates = $schedule->question->dates();
        $this->send('PUT', "/clear/rounds/$schedule->id/move", [
            'yard' => $yard->id,
            'method' => 'brush',
            'last' => $dates[6],
        ])->assertStatus(303);
        $this->send('POST', '/clear/weather', ['yard' => 'tegelbruket',
            'date' => '2026-08-07',
            'min' => '9',
            'max' => '15',
            'rain' => '95',
            'sun' => '5',
        ])->assertStatus(303);
        $this->demo()->update(['demo_today' => '2026-08-06']);
        $this->demo();
        $this->send('POST', "/clear/rounds/$schedule->id/again", ['afresh' => '1'])->assertStatus(303);
        $schedule->refresh();
        self::assertSame('2026-08-06', $schedule->question->askedOn?->format('Y-m-d'));
        self::assertSame('2026-08-07', $schedule->question->dates()[0]);
        self::assertSame(
            [[$yard->id, $dates[6]]],
            array_map(static fn (Visit $lock): array => [$lock->yard, $lock->lastDay()], $schedule->locks),
        );
        self::assertEqualsWithDelta(0.95, self::named($schedule->question, 'Tegelbruket')->skies[0]->rainP, 1e-9);
        $this->search($schedule);
        self::assertContains($dates[6], self::lastDays($schedule->refresh()));
        $this->send('POST', "/clear/rounds/$schedule->id/use")->assertStatus(303);
        $this->send('POST', "/clear/rounds/$schedule->id/again", ['afresh' => '1'], from: "/clear/rounds/$schedule->id")
            ->assertStatus(422)
            ->assertSee('Make a new one');
    }

    public function test_a_lock_that_breaks_a_limit_is_kept_by_the_next_search(): void
    {
        $schedule = $this->planned(['days' => '12']);
        $yard = $schedule->question->yards[0];
        $off = array_filter($schedule->question->days, static fn (AskedDay $day): bool => $day->crewMin === 0);
        $sunday = array_values($off)[0]->date();
        $this->send('PUT', "/clear/rounds/$schedule->id/move", [
            'yard' => $yard->id,
            'method' => 'brush',
            'last' => $sunday,
        ])->assertStatus(303);
        $this->search($schedule->refresh());
        $state = ScheduleState::of($schedule->refresh());
        self::assertSame([], $state->plan->notServed);
        self::assertSame([ScheduleLimit::Crew], array_column($state->plan->broken, 'limit'));
        self::assertContains(
            [$yard->id, $sunday],
            array_map(static fn (Visit $one): array => [$one->yard, $one->lastDay()], $schedule->visits),
        );
    }

    public function test_parts_of_a_yard_name_their_hives_and_move_by_themselves(): void
    {
        $schedule = $this->planned(['truck_supers' => '4', 'split' => '1', 'days' => '14']);
        $state = ScheduleState::of($schedule);
        $codes = [];
        foreach ($schedule->visits as $v => $visit) {
            self::assertCount($visit->hives, $state->hivesOf($v));
            foreach ($state->hivesOf($v) as $hive) {
                $codes[] = $visit->yard.$hive->code;
            }
        }
        self::assertSame(array_unique($codes), $codes);
        self::assertSame(
            array_sum(array_map(static fn (AskedYard $yard): int => $yard->supers(), $schedule->question->yards)),
            array_sum(array_map($state->supersOf(...), array_keys($schedule->visits))),
        );
        $first = $schedule->question->yards[0];
        $isFirst = static fn (Visit $one): bool => $one->yard === $first->id;
        $ekbacken = array_keys(array_filter($schedule->visits, $isFirst));
        self::assertGreaterThan(1, count($ekbacken));
        $this->get("/clear/rounds/$schedule->id")
            ->assertSee(implode(', ', array_column($state->hivesOf($ekbacken[0]), 'code')));
        $part = $schedule->visits[$ekbacken[0]];
        $dates = $schedule->question->dates();
        $to = $part->lastDay() === $dates[9] ? $dates[8] : $dates[9];
        $this->send('PUT', "/clear/rounds/$schedule->id/move", [
            'yard' => $part->yard,
            'part' => (string) $ekbacken[0],
            'method' => 'brush',
            'last' => $to,
            'version' => (string) $schedule->version,
        ])->assertStatus(303);
        $schedule->refresh();
        self::assertCount(count($ekbacken), array_filter($schedule->visits, $isFirst));
        $day = new DateTimeImmutable($to);
        self::assertEquals([new Visit($part->yard, $part->hives, Method::Brush, $day, $day)], $schedule->locks);
        $this->search($schedule);
        $hives = array_column(array_filter($schedule->refresh()->visits, $isFirst), 'hives');
        self::assertLessThanOrEqual(count($first->hives), array_sum($hives));
        self::assertContains($to, self::lastDays($schedule));
        $this->send('POST', "/clear/rounds/$schedule->id/use")->assertStatus(303);
        foreach (Clearing::query()->where('schedule_id', $schedule->id)->with('items')->get() as $clearing) {
            self::assertLessThanOrEqual(5, $clearing->items->count());
        }
    }

    public function test_hives_are_dealt_to_parts_by_their_supers(): void
    {
        $hive = static fn (string $code, int $supers): array => [
            'hive' => $code,
            'code' => $code,
            'boxes' => array_map(static fn (int $n): string => "$code.$n", range(1, $supers)),
        ];
        $day = new DateTimeImmutable('2026-08-05');
        $schedule = new Schedule([
            'settings' => new ScheduleSettings,
            'question' => AskedRounds::from(new Fields(['yards' => [[
                'id' => 'Y',
                'by_hive' => [$hive('A1', 4), $hive('A2', 1), $hive('A10', 1), $hive('A4', 3), $hive('A5', 1)],
            ]]])),
            'visits' => [
                new Visit('Y', 2, Method::Brush, $day, $day),
                new Visit('Y', 3, Method::Brush, $day, $day),
            ],
        ]);
        $parts = ScheduleParts::of($schedule);
        self::assertSame(['A2', 'A4'], array_column($parts->hivesOf(0), 'code'));
        self::assertSame(['A1', 'A5', 'A10'], array_column($parts->hivesOf(1), 'code'));
        self::assertSame(['A2.1', 'A4.1', 'A4.2', 'A4.3'], $parts->boxesOf(0));
    }

    public function test_what_was_planned_ahead_is_to_be_looked_at_first(): void
    {
        $schedule = $this->planned(['days' => '12']);
        $isLater = static fn (Visit $one): bool => str_ends_with($one->yard, '-later');
        $later = array_values(array_filter($schedule->visits, $isLater))[0];
        self::assertGreaterThanOrEqual('2026-08-12', $later->firstDay());
        $this->send('POST', "/clear/rounds/$schedule->id/use")->assertStatus(303);
        $page = $this->get("/clear/days/{$later->lastDay()}")->assertOk();
        // A hive that is on two plans of the day wants one empty super.
        $hives = Clearing::query()
            ->whereDate('second_on', $later->lastDay())
            ->orWhere(fn ($one) => $one->whereNull('second_on')->whereDate('first_on', $later->lastDay()))
            ->with('items')
            ->get()
            ->flatMap(fn (Clearing $plan) => $plan->items->pluck('hive_id'))
            ->unique()
            ->count();
        $sheet = $page->viewData('sheet');
        self::assertInstanceOf(DaySheet::class, $sheet);
        self::assertSame($hives, array_column($sheet->load, 'count', 'thing')['empties']);
        $this->get("/clear/days/{$later->firstDay()}")
            ->assertOk()
            ->assertSee('Inspect first: super 3 was not ripe at the last inspection.')
            ->assertDontSee('below first: super 3, ~19');
        $this->get('/clear/rounds/new')->assertOk()->assertDontSee('Skolgården, later');
    }

    public function test_more_yards_than_one_plan_can_hold_are_refused_with_what_to_do(): void
    {
        $first = Apiary::query()->where('slug', 'ekbacken')->firstOrFail();
        $coming = array_filter(
            app(OverviewReader::class)->of($first)->supers(),
            static fn (JudgedSuper $one): bool => $one->mayComeIn(),
        );
        $super = array_values($coming)[0];
        $overview = new HiveOverview('01HHHHHHHHHHHHHHHHHHHHHHHH', 'X1', true, [$super], [], true, 0.0, false, null);
        for ($n = 0; $n < 60; $n++) {
            $yard = Apiary::query()->create([
                'name' => "Field $n",
                'slug' => "field-$n",
                'letter' => "F$n",
                'latitude' => 55.9,
                'longitude' => 13.4,
                'climate' => $first->climate,
            ]);
            $stand = Stand::query()->create(['apiary_id' => $yard->id, 'number' => 1]);
            $hives[] = Hive::query()->create(['stand_id' => $stand->id, 'code' => "X$n"])->id;
        }
        app(ScopeVersions::class)->raise();
        // As if they had been read: sixty hives with their looks are not worth the making.
        foreach (Apiary::query()->where('slug', 'like', 'field-%')->get() as $yard) {
            $context = app(WinterReader::class)->context($yard);
            $ids = array_values(app(YardReader::class)->hiveIds($yard));
            app(OperationCache::class)->ofHives(
                $yard->id,
                'overview',
                $ids,
                $context,
                static fn (array $stale): array => array_fill_keys($stale, $overview),
            );
        }
        $this->send('POST', '/clear/rounds', RouteCatalogue::ROUNDS, from: '/clear/rounds/new')
            ->assertStatus(422)
            ->assertSee('A schedule holds at most 60 visits; this one would have 64');
        self::assertSame(0, Schedule::query()->count());
    }

    public function test_what_is_gone_from_the_yards_is_gone_from_the_schedule(): void
    {
        $schedule = $this->planned(['days' => '12']);
        $visit = $schedule->visits[0];
        $kept = new KeptVisits($schedule->toCore());
        self::assertSame([$visit], $kept->of([$visit, $visit]));
        $other = static fn (string $yard, int $hives, DateTimeImmutable $last): Visit => new Visit(
            $yard,
            $hives,
            $visit->method,
            $visit->first,
            $last,
        );
        self::assertSame([], $kept->of([
            $other($visit->yard, $visit->hives + 1, $visit->last),
            $other('gone', $visit->hives, $visit->last),
            $other($visit->yard, $visit->hives, new DateTimeImmutable('2031-01-01')),
        ]));
    }

    private static function named(AskedRounds $asked, string $name): AskedYard
    {
        foreach ($asked->yards as $yard) {
            if ($yard->name === $name) {
                return $yard;
            }
        }
        self::fail("$name is not among the yards.");
    }

    /** @return list<string> days on which supers come in */
    private static function lastDays(Schedule $schedule): array
    {
        return array_map(static fn (Visit $one): string => $one->lastDay(), $schedule->visits);
    }

    /** @return array{array<string, ReadySupers>, string} by the yard's slug, and what is left out in words */
    private function batches(int $days, Waiting $waiting = Waiting::Own): array
    {
        $this->demo();
        $found = app(QuestionReader::class)->batches((new ScheduleSettings)->asking($days, $waiting));
        $bySlug = [];
        foreach ($found->in as $batch) {
            $bySlug[$batch->apiary->slug.($batch->later ? '-later' : '')] = $batch;
        }
        $words = new ScheduleWords(new Formatter);

        return [$bySlug, implode(' ', array_map($words->leftOut(...), $found->left))];
    }

    private function settings(int $days = 12): ScheduleSettings
    {
        $this->demo();

        return new ScheduleSettings($days, array_fill(0, 7, 300), new Capacity(60.0, 90.0), 20);
    }
}
