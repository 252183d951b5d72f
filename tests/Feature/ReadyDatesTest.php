<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Apiary;
use App\Models\Clearing;
use App\Models\Schedule;
use App\Operation\Computed;
use App\Rounds\Batch;
use App\Rounds\BatchReader;
use App\Rounds\ComingSuper;
use App\Rounds\QuestionReader;
use App\Rounds\RoundMap;
use App\Rounds\RoundParts;
use App\Rounds\ScheduleState;
use App\Rounds\YardComing;

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
        // The scale's last gain was on 31 July: two weeks from the day after. The school yard's flow is not over.
        self::assertSame(
            ['2026-08-01', '2026-08-15', 'flow'],
            [$batches['ekbacken']->flowEnds, $batches['ekbacken']->offBy->format('Y-m-d'), $batches['ekbacken']->why],
        );
        self::assertSame(
            [null, '2026-08-19', 'treatment'],
            [
                $batches['skolgarden']->flowEnds,
                $batches['skolgarden']->offBy->format('Y-m-d'),
                $batches['skolgarden']->why,
            ],
        );
        $this->send('PUT', '/yards/ekbacken/policy', ['off_after_flow_days' => '6'])->assertStatus(303);
        self::assertSame('2026-08-07', $this->batches(12)[0]['ekbacken']->offBy->format('Y-m-d'));
        // A day that is past already is the first there is: each day later costs.
        $this->send('PUT', '/yards/ekbacken/policy', ['off_after_flow_days' => '2'])->assertStatus(303);
        self::assertSame('2026-08-05', $this->batches(12)[0]['ekbacken']->offBy->format('Y-m-d'));
        // The treatment's day stands where it is the earlier one.
        $this->send('PUT', '/yards/ekbacken/policy', ['off_after_flow_days' => '40'])->assertStatus(303);
        self::assertSame(
            ['2026-08-19', 'treatment'],
            [$this->batches(12)[0]['ekbacken']->offBy->format('Y-m-d'), $this->batches(12)[0]['ekbacken']->why],
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
            ['2026-08-07', '2026-08-10', 'flow'],
            [$batch->flowEnds, $batch->offBy->format('Y-m-d'), $batch->why],
        );
        $task = app(QuestionReader::class)->ask($this->settings());
        $yard = array_column($task['yards'], null, 'slug')['skolgarden'];
        // Robbers are about from that day on, there and not before.
        self::assertSame([false, false, true, true], array_column(array_slice((array) $yard['skies'], 0, 4), 2));
    }

    public function test_what_is_to_wait_comes_in_when_it_is_ripe_with_its_yard_or_not_at_all(): void
    {
        [$own] = $this->batches(12);
        // Looked at on 4 August, at the pace of the last eleven days eight more to be capped enough.
        self::assertSame(
            ['2026-08-12', '2026-08-19'],
            [$own['skolgarden-later']->ready->format('Y-m-d'), $own['skolgarden-later']->offBy->format('Y-m-d')],
        );
        self::assertSame('2026-08-05', $own['skolgarden']->ready->format('Y-m-d'));
        [$together] = $this->batches(12, BatchReader::TOGETHER);
        self::assertArrayNotHasKey('skolgarden-later', $together);
        self::assertSame(
            [2, '2026-08-12'],
            [count($together['skolgarden']->boxes()), $together['skolgarden']->ready->format('Y-m-d')],
        );
        [$out] = $this->batches(12, BatchReader::OUT);
        self::assertArrayNotHasKey('skolgarden-later', $out);
        self::assertCount(1, $out['skolgarden']->boxes());
        $this->get('/clear/rounds/new')
            ->assertOk()
            ->assertSee('Skolgården, later')
            ->assertSee('12 supers')
            ->assertSee('ripe about Wed 12 Aug');
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
            'Skolgården: 1 super will be ripe about Wed 12 Aug, after the last day of this plan.',
            implode(' ', $left),
        );
        $this->send('POST', '/yards/skolgarden/treatments', [
            'what' => 'Mites, early',
            'supers_off_by' => '2026-08-10',
        ])->assertStatus(303);
        [$batches, $left] = $this->batches(12, BatchReader::TOGETHER);
        self::assertSame(
            ['2026-08-05', '2026-08-10'],
            [$batches['skolgarden']->ready->format('Y-m-d'), $batches['skolgarden']->offBy->format('Y-m-d')],
        );
        self::assertStringContainsString(
            'Skolgården: 1 super would be ripe about Wed 12 Aug, after supers must be off for treatment (Mon 10 Aug): take it to be dried, or leave it to the bees.',
            implode(' ', $left),
        );
        self::assertStringContainsString('Ekbacken: 5 supers are still to be looked at.', implode(' ', $left));
        self::assertStringContainsString(
            'Norra Heden: 6 supers are to wait, and winter will want them when they are ripe.',
            implode(' ', $left),
        );
    }

    public function test_days_set_by_hand_stand_and_are_kept_for_the_next_time(): void
    {
        $ids = array_map(static fn (Batch $batch): string => $batch->id(), $this->batches(12)[0]);
        $set = [
            $ids['ekbacken'] => [
                'in' => '1',
                'ready' => '2026-08-06',
                'ready_was' => '2026-08-05',
                'off_by' => '2026-08-09',
                'off_by_was' => '2026-08-15',
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
        $round = $this->planned(['days' => '12', 'yards' => $set]);
        $yards = array_column($round->task['yards'], null, 'slug');
        self::assertSame(
            ['2026-08-06', '2026-08-09', 'hand'],
            [$yards['ekbacken']['ready'], $yards['ekbacken']['deadline'], $yards['ekbacken']['why']],
        );
        self::assertNotContains('tegelbruket', array_column($round->task['yards'], 'slug'));
        self::assertSame('treatment', array_column($round->task['yards'], 'why', 'id')[$ids['skolgarden']]);
        self::assertSame(['in' => true], $round->settings['yards'][$ids['skolgarden']]);
        foreach ($round->services as $service) {
            self::assertGreaterThanOrEqual(
                '2026-08-06',
                $service['yard'] === $ids['ekbacken'] ? $service['first'] : '2026-08-06',
            );
        }
        $this->get("/clear/rounds/$round->id")->assertSee('off by Sun 9 Aug (set by hand)');
        $this->send(
            'POST',
            '/clear/rounds',
            ['yards' => [$ids['ekbacken'] => ['in' => '1', 'ready' => '2026-08-09', 'off_by' => '2026-08-07']]] +
                self::FORM,
            from: '/clear/rounds/new',
        )
            ->assertStatus(422)
            ->assertSee('Ekbacken is ready on 2026-08-09; it cannot be off by 2026-08-07')
            ->assertSee('value="2026-08-07"', false);
        $this->send(
            'POST',
            '/clear/rounds',
            ['yards' => [$ids['ekbacken'] => ['ready' => 'soon']]] + self::FORM,
            from: '/clear/rounds/new',
        )->assertStatus(422);
    }

    public function test_beyond_the_forecast_climate_means_are_taken_and_a_day_of_ones_own_is_its_yards_alone(): void
    {
        $this->send('POST', '/clear/tegelbruket/weather', [
            'date' => '2026-08-06',
            'min' => '9',
            'max' => '15',
            'rain' => '95',
            'sun' => '5',
        ])->assertStatus(303);
        $task = app(QuestionReader::class)->ask(['days' => 21] + $this->settings());
        $climate = array_values(Apiary::query()->where('slug', 'ekbacken')->firstOrFail()->climate);
        $last = $task['days'][20];
        self::assertTrue($last['presumed']);
        self::assertFalse($task['days'][1]['presumed']);
        self::assertEqualsWithDelta($climate[7] + 5.0, $last['max_c'], 1e-9);
        self::assertEqualsWithDelta(0.3, $last['rain_p'], 1e-9);
        $yards = array_column($task['yards'], null, 'slug');
        self::assertEqualsWithDelta(0.95, $yards['tegelbruket']['skies'][1][1], 1e-9);
        self::assertLessThan(0.9, $yards['ekbacken']['skies'][1][1]);
        self::assertLessThan(0.95, $task['days'][1]['rain_p']);
    }

    public function test_a_plan_is_made_anew_with_what_is_known_today(): void
    {
        $round = $this->planned(['days' => '12']);
        $yard = $round->task['yards'][0];
        $dates = array_column($round->task['days'], 'date');
        $this->send('PUT', "/clear/rounds/$round->id/move", [
            'yard' => $yard['id'],
            'way' => 'brush',
            'last' => $dates[6],
        ])->assertStatus(303);
        $this->send('POST', '/clear/tegelbruket/weather', [
            'date' => '2026-08-07',
            'min' => '9',
            'max' => '15',
            'rain' => '95',
            'sun' => '5',
        ])->assertStatus(303);
        $this->demo()->update(['demo_today' => '2026-08-06']);
        $this->demo();
        $this->send('POST', "/clear/rounds/$round->id/again", ['afresh' => '1'])->assertStatus(303);
        $round->refresh();
        self::assertSame('2026-08-06', $round->task['asked_on']);
        self::assertSame('2026-08-07', $round->task['days'][0]['date']);
        self::assertSame(
            [[$yard['id'], $dates[6]]],
            array_map(static fn (array $lock): array => [$lock['yard'], $lock['last']], $round->locks),
        );
        self::assertEqualsWithDelta(
            0.95,
            array_column($round->task['yards'], null, 'slug')['tegelbruket']['skies'][0][1],
            1e-9,
        );
        $this->search($round);
        self::assertContains($dates[6], array_column($round->refresh()->services, 'last'));
        $this->send('POST', "/clear/rounds/$round->id/use")->assertStatus(303);
        $this->send('POST', "/clear/rounds/$round->id/again", ['afresh' => '1'], from: "/clear/rounds/$round->id")
            ->assertStatus(422)
            ->assertSee('belongs to a new plan');
    }

    public function test_a_lock_that_breaks_a_limit_is_kept_by_the_next_search(): void
    {
        $round = $this->planned(['days' => '12']);
        $yard = $round->task['yards'][0];
        $sunday = array_values(
            array_filter($round->task['days'], static fn (array $day): bool => $day['crew_min'] === 0),
        )[0]['date'];
        $this->send('PUT', "/clear/rounds/$round->id/move", [
            'yard' => $yard['id'],
            'way' => 'brush',
            'last' => $sunday,
        ])->assertStatus(303);
        $this->search($round->refresh());
        $state = ScheduleState::of($round->refresh());
        self::assertSame([], $state->plan->notServed);
        self::assertSame(['crew'], array_column($state->plan->broken, 'limit'));
        self::assertContains(
            [$yard['id'], $sunday],
            array_map(static fn (array $one): array => [$one['yard'], $one['last']], $round->services),
        );
    }

    public function test_parts_of_a_yard_name_their_hives_and_move_by_themselves(): void
    {
        $round = $this->planned(['truck_supers' => '4', 'split' => '1', 'days' => '14']);
        $parts = RoundParts::of($round);
        $codes = [];
        foreach ($round->services as $s => $service) {
            self::assertCount($service['hives'], $parts[$s]);
            $codes = [
                ...$codes,
                ...array_map(static fn (array $hive): string => $service['yard'].$hive['code'], $parts[$s]),
            ];
        }
        self::assertSame(array_unique($codes), $codes);
        self::assertSame(
            array_sum(array_column($round->task['yards'], 'supers')),
            array_sum(array_map(ScheduleState::of($round)->supersOf(...), array_keys($round->services))),
        );
        $ekbacken = array_keys(
            array_filter(
                $round->services,
                static fn (array $one): bool => $one['yard'] === $round->task['yards'][0]['id'],
            ),
        );
        self::assertGreaterThan(1, count($ekbacken));
        $this->get("/clear/rounds/$round->id")->assertSee(implode(', ', array_column($parts[$ekbacken[0]], 'code')));
        $part = $round->services[$ekbacken[0]];
        $dates = array_column($round->task['days'], 'date');
        $to = $part['last'] === $dates[9] ? $dates[8] : $dates[9];
        $this->send('PUT', "/clear/rounds/$round->id/move", [
            'yard' => $part['yard'],
            'part' => (string) $ekbacken[0],
            'way' => 'brush',
            'last' => $to,
            'version' => (string) $round->version,
        ])->assertStatus(303);
        $round->refresh();
        self::assertCount(
            count($ekbacken),
            array_filter($round->services, static fn (array $one): bool => $one['yard'] === $part['yard']),
        );
        self::assertSame(
            [['yard' => $part['yard'], 'hives' => $part['hives'], 'way' => 'brush', 'first' => $to, 'last' => $to]],
            $round->locks,
        );
        $this->search($round);
        $served = array_sum(
            array_map(
                static fn (array $one): int => $one['yard'] === $part['yard'] ? $one['hives'] : 0,
                $round->refresh()->services,
            ),
        );
        self::assertLessThanOrEqual($round->task['yards'][0]['hives'], $served);
        self::assertContains($to, array_column($round->services, 'last'));
        $this->send('POST', "/clear/rounds/$round->id/use")->assertStatus(303);
        foreach (Clearing::query()->where('round_id', $round->id)->with('items')->get() as $plan) {
            self::assertLessThanOrEqual(5, $plan->items->count());
        }
    }

    public function test_hives_are_dealt_to_parts_by_their_supers(): void
    {
        $hive = static fn (string $code, int $supers): array => [
            'hive' => $code,
            'code' => $code,
            'boxes' => array_map(static fn (int $n): string => "$code.$n", range(1, $supers)),
        ];
        $round = new Schedule([
            'task' => [
                'yards' => [
                    [
                        'id' => 'Y',
                        'by_hive' => [$hive('A1', 4), $hive('A2', 1), $hive('A10', 1), $hive('A4', 3), $hive('A5', 1)],
                    ],
                ],
                'days' => [],
                'travel' => [],
                'kit' => [],
            ],
            'services' => [
                ['yard' => 'Y', 'hives' => 2, 'way' => 'brush', 'first' => '', 'last' => ''],
                ['yard' => 'Y', 'hives' => 3, 'way' => 'brush', 'first' => '', 'last' => ''],
            ],
        ]);
        [$two, $three] = RoundParts::of($round);
        self::assertSame(['A2', 'A4'], array_column($two, 'code'));
        self::assertSame(['A1', 'A5', 'A10'], array_column($three, 'code'));
        self::assertSame(['A2.1', 'A4.1', 'A4.2', 'A4.3'], RoundParts::boxes($two));
    }

    public function test_what_was_planned_ahead_is_to_be_looked_at_first(): void
    {
        $round = $this->planned(['days' => '12']);
        $later = array_values(
            array_filter($round->services, static fn (array $one): bool => str_ends_with($one['yard'], Batch::LATER)),
        )[0];
        self::assertGreaterThanOrEqual('2026-08-12', $later['first']);
        $this->send('POST', "/clear/rounds/$round->id/use")->assertStatus(303);
        $page = $this->get("/clear/days/{$later['last']}")->assertOk();
        // A hive that is on two plans of the day wants one empty super.
        $hives = Clearing::query()
            ->whereDate('second_on', $later['last'])
            ->orWhere(fn ($one) => $one->whereNull('second_on')->whereDate('first_on', $later['last']))
            ->with('items')
            ->get()
            ->flatMap(fn (Clearing $plan) => $plan->items->pluck('hive_id'))
            ->unique()
            ->count();
        self::assertSame($hives, $page->viewData('load')['empties'][0]);
        $this->get("/clear/days/{$later['first']}")
            ->assertOk()
            ->assertSee('Look first: super 3 was not ripe when it was last seen.')
            ->assertDontSee('below first: super 3, ~19');
        $this->get('/clear/rounds/new')->assertOk()->assertDontSee('Skolgården, later');
    }

    public function test_more_yards_than_one_plan_can_hold_are_refused_with_what_to_do(): void
    {
        $first = Apiary::query()->where('slug', 'ekbacken')->firstOrFail();
        $super = new ComingSuper('01HHHHHHHHHHHHHHHHHHHHHHHH', 'X1', '01BBBBBBBBBBBBBBBBBBBBBBBB', 15.0, false);
        for ($n = 0; $n < 60; $n++) {
            $yard = Apiary::query()->create([
                'name' => "Field $n",
                'slug' => "field-$n",
                'letter' => "F$n",
                'latitude' => 55.9,
                'longitude' => 13.4,
                'climate' => $first->climate,
            ]);
            // As if it had been read: sixty yards with their hives are not worth the making.
            $this->demo();
            app(Computed::class)->remember(
                "coming.$yard->id",
                static fn (): YardComing => new YardComing([$super], [], 0, 0, null, null, null),
                $yard->refresh()->revision,
            );
        }
        $this->send('POST', '/clear/rounds', self::FORM, from: '/clear/rounds/new')
            ->assertStatus(422)
            ->assertSee('One plan holds 60 visits to yards and 64 would come in');
        self::assertSame(0, Schedule::query()->count());
    }

    public function test_what_is_gone_from_the_yards_is_gone_from_the_plan(): void
    {
        $round = $this->planned(['days' => '12']);
        $stored = $round->services[0];
        self::assertSame([$stored], RoundMap::still($round, [$stored, $stored]));
        self::assertSame(
            [],
            RoundMap::still($round, [
                ['hives' => $stored['hives'] + 1] + $stored,
                ['yard' => 'gone'] + $stored,
                ['last' => '2031-01-01'] + $stored,
            ]),
        );
    }

    /** @return array{array<string, Batch>, list<string>} by the yard's slug */
    private function batches(int $days, string $later = BatchReader::OWN): array
    {
        $this->demo();
        [$batches, $left] = app(QuestionReader::class)->batches($days, $later);
        $bySlug = [];
        foreach ($batches as $batch) {
            $bySlug[$batch->apiary->slug.($batch->later ? Batch::LATER : '')] = $batch;
        }

        return [$bySlug, $left];
    }

    /** @return array{days: int, crew_min: list<int>, truck_supers: int, hold_supers: int, held_supers: int, extract_supers: int, split: bool} */
    private function settings(): array
    {
        $this->demo();

        return [
            'days' => 12,
            'crew_min' => array_fill(0, 7, 300),
            'truck_supers' => 60,
            'hold_supers' => 90,
            'held_supers' => 0,
            'extract_supers' => 20,
            'split' => false,
        ];
    }
}
