<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Apiary;
use App\Models\Clearing;
use App\Models\ClearingState;
use App\Models\FrozenClearing;
use App\Models\Hive;
use App\Models\StopTrouble;
use App\Models\WeatherDay;
use Marjoram\Core\Clearing\Method;
use Marjoram\Core\Comb\Face;

/** What happens to a plan: rain, robbers, a board that was forgotten, a yard that nobody reached. */
final class MendTest extends FeatureTestCase
{
    use SmallOperation;

    private Apiary $yard;

    private Apiary $other;

    protected function setUp(): void
    {
        parent::setUp();
        $this->operation(['crew' => 2]);
        $this->yard = $this->apiary();
        $this->other = $this->apiary('Quince Hill');
    }

    public function test_rain_that_is_entered_once_reaches_the_desk_the_schedules_and_the_day(): void
    {
        $boards = $this->planned($this->yard, Method::EscapeBoard, '2026-08-06', '2026-08-08');
        $brush = $this->planned($this->other, Method::Brush, '2026-08-08');
        $this->get('/clear/days/mend')->assertOk()->assertSee('All visits can go as planned');
        $this->get('/')->assertDontSee('Mend the plan')->assertSee('Enter the weather of a day');
        $this->send('POST', '/clear/weather', ['yard' => 'lime-row', 'date' => '2026-08-08', 'rain' => '90'])->assertStatus(303);
        self::assertSame(2, WeatherDay::query()->where('date', '2026-08-08')->count(), 'both yards lie within 30 km');
        foreach (['/', '/clear/rounds', '/clear/days/2026-08-08'] as $page) {
            $this->get($page)
                ->assertOk()
                ->assertSee('Rain on Sat 8 Aug: 2 visits cannot go as planned.')
                ->assertSee('Mend the plan');
        }
        $this->get('/clear/days/mend')
            ->assertOk()
            ->assertSee('2 visits cannot go as planned')
            ->assertSee('value="2026-08-07"', false);
        $move = [
            'move' => [$boards->id, $brush->id],
            'first' => [$boards->id => '2026-08-06', $brush->id => '2026-08-07'],
            'second' => [$boards->id => '2026-08-07'],
        ];
        $this->send('PUT', '/clear/days/mend', $move)->assertStatus(303);
        self::assertSame('2026-08-07', $boards->refresh()->second_on?->format('Y-m-d'));
        self::assertSame('2026-08-07', $brush->refresh()->first_on->format('Y-m-d'));
        $this->get('/')->assertDontSee('Mend the plan');
        $this->send('POST', '/undo')->assertStatus(303);
        self::assertSame('2026-08-08', $boards->refresh()->second_on?->format('Y-m-d'));
        self::assertSame('2026-08-08', $brush->refresh()->first_on->format('Y-m-d'));
        // What cannot be is refused, and nothing of it is moved.
        foreach (
            [
                [['second' => [$boards->id => '2026-08-06']], 'The boards need at least one night.'],
                [['second' => [$boards->id => '2026-08-10']], 'No board stays more than 3 nights.'],
                [['first' => [$boards->id => '2026-08-01']], 'This day is past.'],
                [['first' => [$boards->id => '']], 'Choose a day.'],
                [['first' => [$boards->id => 'soon']], ''],
                [['move' => ['nothing', 'else']], 'is no longer planned'],
            ] as [$wrong, $why]
        ) {
            $this->send('PUT', '/clear/days/mend', array_replace_recursive($move, $wrong), from: '/clear/days/mend')->assertStatus(422)->assertSee($why);
            self::assertSame('2026-08-08', $brush->refresh()->first_on->format('Y-m-d'));
        }
        $this->send('PUT', '/clear/days/mend', ['move' => []] + $move, from: '/clear/days/mend')
            ->assertStatus(422)
            ->assertSee('Tick at least one visit to move.');
    }

    public function test_rain_of_one_yard_alone_stays_there(): void
    {
        $this->send('POST', '/clear/weather', [
            'yard' => 'lime-row',
            'alone' => '1',
            'date' => '2026-08-08',
            'rain' => '90',
            'min' => '9',
            'max' => '15',
        ])->assertStatus(303);
        self::assertSame([$this->yard->id], WeatherDay::query()->pluck('apiary_id')->all());
        foreach ([['rain' => '120'], ['yard' => 'nowhere'], ['min' => '9'], ['date' => 'x'], ['max' => '3', 'min' => '9']] as $wrong) {
            $day = $wrong + ['yard' => 'lime-row', 'date' => '2026-08-09', 'rain' => '20'];
            $this->send('POST', '/clear/weather', $day, from: '/clear/lime-row')->assertStatus(422);
        }
    }

    public function test_a_day_is_finished_stop_by_stop_and_what_nobody_reached_waits(): void
    {
        $this->dry($this->yard, $this->other);
        $here = $this->planned($this->yard, Method::Brush, '2026-08-04');
        $there = $this->planned($this->other, Method::Brush, '2026-08-04');
        $ids = $here->items->pluck('id')->all();
        $url = '/clear/days/2026-08-04/finish';
        $day = ['chosen' => '1', 'on' => '2026-08-04', 'done' => [...$ids, ...$there->items->pluck('id')->all()]];
        $this->send('PUT', $url, $day + ['went' => [$here->id => 'done']], from: '/clear/days/2026-08-04')
            ->assertStatus(422)
            ->assertSee('Say of Quince Hill whether you were there.');
        $this->followingRedirects()->send('PUT', $url, $day + [
            'went' => [$here->id => 'done', $there->id => 'not'],
            'wrong' => [$there->id => ['rain'], $here->id => ['time']],
        ])->assertOk()->assertSee('What was not done waits under');
        self::assertSame(ClearingState::Collected, $here->refresh()->state);
        self::assertSame(ClearingState::Planned, $there->refresh()->state);
        self::assertSame(['rain', 'time'], StopTrouble::query()->orderBy('what')->pluck('what')->all());
        $this->itIs('2026-08-05');
        $this->get('/')->assertSee('1 visit of Tue 4 Aug is not finished.');
        $this->get('/clear/days/mend')->assertSee('not finished: Tue 4 Aug')->assertSee('value="2026-08-06"', false);
        $this->send('PUT', '/clear/days/mend', ['move' => [$there->id], 'first' => [$there->id => '2026-08-05']])->assertStatus(303);
        $this->get('/clear/days/2026-08-05')->assertSee('It rained here on Tue 4 Aug.');
    }

    public function test_a_board_that_was_forgotten_is_missing_the_next_day_with_a_brush(): void
    {
        $this->dry($this->yard, $this->other);
        $clearing = $this->planned($this->yard, Method::EscapeBoard, '2026-08-04', '2026-08-05', 2);
        $first = $clearing->items[0];
        $this->get('/clear/days/2026-08-05')->assertDontSee('No board went on here.')->assertDontSee('bee brushes');
        $this->send('PUT', "/clear/plans/$clearing->id/placed", [
            'chosen' => '1',
            'on' => '2026-08-04',
            'done' => [$first->id],
            'why' => 'Forgotten.',
        ])->assertStatus(303);
        $this->itIs('2026-08-05');
        $page = $this->get('/clear/days/2026-08-05')->assertOk()->assertSee('No board went on here.')->assertSee('bee brushes');
        self::assertSame(1, substr_count((string) $page->getContent(), 'No board went on here.'));
    }

    public function test_robbers_are_heard_by_the_plan_of_the_next_days(): void
    {
        $this->dry($this->yard, $this->other);
        $this->flowIsOver($this->yard);
        $clearing = $this->planned($this->yard, Method::Brush, '2026-08-05');
        $tap = ['what' => 'robbing', 'done' => '1', 'back' => '2026-08-05'];
        $this->send('PUT', "/clear/plans/$clearing->id/trouble", $tap)->assertStatus(303);
        $this->send('PUT', "/clear/plans/$clearing->id/trouble", $tap)->assertStatus(303);
        self::assertSame(1, StopTrouble::query()->count(), 'said twice it stays one');
        $this->get('/')->assertSee('Robbing: 1 visit needs another method.');
        $this->get('/clear/days/mend')->assertSee('brush leaves honey open. Delete this visit and plan it with another method.');
        $this->get('/clear/days/2026-08-05')
            ->assertSee('Narrow the entrances first, come towards evening, and leave no honey open.')
            ->assertSee('aria-pressed="true"', false);
        $this->send('DELETE', "/clear/plans/$clearing->id")->assertStatus(303);
        $this->yard->update(['policy' => ['winter_school' => 'take-all']]);
        $this->seen($clearing->items[0]->box, new Face(0.98, 0.02), 17.0, 17.1);
        $this->get('/clear/lime-row')->assertSee('use a method that leaves no honey open');
        $this->itIs('2026-08-13');
        $this->get('/clear/lime-row')->assertDontSee('use a method that leaves no honey open');
        $this->send('PUT', "/clear/plans/$clearing->id/trouble", $tap)->assertNotFound();
    }

    private function planned(Apiary $yard, Method $method, string $first, ?string $second = null, int $hives = 1): Clearing
    {
        $clearing = Clearing::query()->create([
            'apiary_id' => $yard->id,
            'method' => $method,
            'first_on' => $first,
            'second_on' => $second,
            'person_minutes' => 60.0,
            'frozen' => new FrozenClearing,
        ]);
        for ($i = 1; $i <= $hives; $i++) {
            $hive = $this->hive($yard, strtoupper($yard->slug[0]).$i, 1);
            assert($hive instanceof Hive);
            $clearing->items()->create(['hive_id' => $hive->id, 'box_id' => $this->super($hive, 1)->id]);
        }

        return $clearing->load('items.box');
    }
}
