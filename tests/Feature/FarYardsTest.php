<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Apiary;
use App\Models\Operation;
use App\Models\Schedule;
use App\Models\Schedules\LeftOut;
use App\Models\Schedules\LeftOutReason;
use App\Models\SearchState;
use Illuminate\Support\Facades\DB;

/** Yards in two parts of the world, and a search that fails: said with what to do, never a page that cannot be opened. */
final class FarYardsTest extends FeatureTestCase
{
    use AsksForRounds;

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('keeper')->demo();
    }

    public function test_a_far_yard_is_a_plan_of_its_own(): void
    {
        Apiary::query()->where('slug', 'tegelbruket')->update(['latitude' => 43.6, 'longitude' => 1.4]);
        Operation::query()->where('name', 'Marjoram demo')->update(['latitude' => 55.9, 'longitude' => 13.4]);
        $this->demo();
        $this->send('POST', '/clear/rounds', ['name' => 'Near'] + RouteCatalogue::ROUNDS)->assertStatus(303);
        $question = Schedule::query()->where('name', 'Near')->firstOrFail()->question;
        self::assertNotContains('tegelbruket', array_map(static fn ($yard): string => $yard->id, $question->yards));
        $far = array_filter($question->left, static fn (LeftOut $one): bool => $one->reason === LeftOutReason::TooFar);
        self::assertCount(1, $far);
        $this->get('/clear/rounds/new')->assertOk()->assertSee('more than four hours away');
        $this->get('/clear/rounds')->assertOk();
    }

    public function test_a_way_home_that_the_keeper_knows_bounds_the_ways_to_other_yards(): void
    {
        $this->send('PUT', '/clear/drives', ['from' => 'tegelbruket', 'minutes' => ['honey-room' => '44']])->assertStatus(303);
        Apiary::query()->where('slug', 'tegelbruket')->update(['latitude' => -45.9, 'longitude' => 170.5]);
        Operation::query()->where('name', 'Marjoram demo')->update(['latitude' => 55.9, 'longitude' => 13.4]);
        $this->demo();
        $this->send('POST', '/clear/rounds', ['name' => 'Known'] + RouteCatalogue::ROUNDS)->assertStatus(303);
        $this->get('/clear/rounds')->assertOk()->assertDontSee('cannot be calculated')->assertDontSee('A travel time');
    }

    public function test_where_the_honey_room_is_is_asked_first(): void
    {
        Apiary::query()->where('slug', 'tegelbruket')->update(['latitude' => 43.6, 'longitude' => 1.4]);
        Operation::query()->where('name', 'Marjoram demo')->update(['longitude' => null]);
        $this->get('/clear/rounds/new')->assertOk()->assertSee('Set the place of the honey room first');
        $this->send('POST', '/clear/rounds', ['name' => 'Far'] + RouteCatalogue::ROUNDS, from: '/clear/rounds/new')
            ->assertStatus(422)
            ->assertSee('Set the place of the honey room first');
        self::assertSame(0, Schedule::query()->where('name', 'Far')->count());
    }

    public function test_a_schedule_that_cannot_be_calculated_is_shown_with_the_reason_and_can_be_removed(): void
    {
        $this->send('POST', '/clear/rounds', ['name' => 'Broken'] + RouteCatalogue::ROUNDS)->assertStatus(303);
        $schedule = Schedule::query()->where('name', 'Broken')->firstOrFail();
        $stored = json_decode((string) DB::table('schedules')->where('id', $schedule->id)->value('question'), true);
        assert(is_array($stored) && is_array($stored['travel']) && is_array($stored['travel'][0]));
        $stored['travel'][0][1] = 9000.0;
        DB::table('schedules')->where('id', $schedule->id)->update(['question' => json_encode($stored)]);
        $this->get('/clear/rounds')->assertOk()->assertSee('Broken')->assertSee('A travel time is 9000');
        $this->get("/clear/rounds/$schedule->id")->assertOk()->assertSee('cannot be calculated');
        $this->send('DELETE', "/clear/rounds/$schedule->id")->assertStatus(303);
        $this->get('/clear/rounds')->assertOk()->assertDontSee('A travel time is 9000');
    }

    public function test_a_search_that_failed_says_why(): void
    {
        $this->send('POST', '/clear/rounds', ['name' => 'Failed'] + RouteCatalogue::ROUNDS)->assertStatus(303);
        $schedule = Schedule::query()->where('name', 'Failed')->firstOrFail();
        $schedule->search?->update(['state' => SearchState::Failed, 'reason' => 'The crew has no day.']);
        $this->get("/clear/rounds/$schedule->id")->assertOk()->assertSee('The crew has no day.');
        $this->get('/clear/rounds')->assertOk()->assertSee('the search failed');
    }
}
