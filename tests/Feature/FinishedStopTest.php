<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apiary\Hives\HiveState;
use App\Apiary\Hives\YardReader;
use App\Models\Apiary;
use App\Models\BoxPlace;
use App\Models\Clearing;
use App\Models\ClearingState;
use App\Models\FrozenClearing;
use App\Models\Harvest;
use App\Models\Lot;
use Marjoram\Core\Clearing\Method;

/** A stop is finished on the day on which it was done, with what was done; what was left stays, and says why. */
final class FinishedStopTest extends FeatureTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->as('keeper')->demo();
    }

    public function test_supers_that_came_in_two_days_ago_and_one_that_was_left(): void
    {
        $clearing = $this->clearing(Method::Brush, '2026-08-09');
        [$in, $left] = [$clearing->items[0], $clearing->items[1]];
        $url = "/clear/plans/$clearing->id/collected";
        $some = ['chosen' => '1', 'on' => '2026-08-02', 'done' => [$in->id]];
        $this->send('PUT', $url, $some, from: "/clear/plans/$clearing->id")
            ->assertStatus(422)
            ->assertSee('Say in a few words why they stay.');
        $this->send('PUT', $url, ['on' => '2026-08-20'] + $some + ['why' => 'Wet.'])->assertStatus(422);
        $this->send('PUT', $url, ['on' => '2020-08-02'] + $some + ['why' => 'Wet.'])->assertStatus(422);
        self::assertNotSame(ClearingState::Collected, $clearing->refresh()->state);
        $this->send('PUT', $url, $some + ['why' => 'Brood in two frames.'])->assertStatus(303);
        $clearing = $clearing->fresh(['items']) ?? $clearing;
        self::assertSame(ClearingState::Collected, $clearing->state);
        self::assertSame('2026-08-02', $clearing->first_on->format('Y-m-d'));
        $harvest = Harvest::query()->latest('id')->with('supers')->firstOrFail();
        self::assertSame(['2026-08-02', [$in->box_id]], [$harvest->taken_on->format('Y-m-d'), $harvest->supers->pluck('box_id')->all()]);
        self::assertSame('2026-08-02', BoxPlace::query()->where('box_id', $in->box_id)->whereNotNull('until')->latest('until')->firstOrFail()->until?->format('Y-m-d'));
        // It stands where it stood, and is to come off again.
        self::assertNotNull($this->hive()->box($left->box_id));
        self::assertNull($this->hive()->box($in->box_id));
        $this->get("/clear/plans/$clearing->id")->assertOk()->assertSee('left: Brood in two frames.');
        $this->send('POST', '/undo')->assertStatus(303);
        self::assertNotNull($this->hive()->box($in->box_id));
    }

    public function test_boards_that_went_on_a_day_early_and_nothing_that_came_in(): void
    {
        $clearing = $this->clearing(Method::EscapeBoard, '2026-08-05', '2026-08-07');
        $this->send('PUT', "/clear/plans/$clearing->id/placed", ['on' => '2026-08-03', 'chosen' => '1', 'done' => $clearing->items->modelKeys()])
            ->assertStatus(303);
        self::assertSame(
            ['2026-08-03', '2026-08-07', ClearingState::Placed],
            [$clearing->refresh()->first_on->format('Y-m-d'), $clearing->second_on?->format('Y-m-d'), $clearing->state],
        );
        $this->get('/clear/days/2026-08-07')->assertOk()->assertSee('Finish this stop')->assertSee('Lift each super off its board');
        $lots = Lot::query()->count();
        $this->send('PUT', "/clear/plans/$clearing->id/collected", ['chosen' => '1', 'why' => 'Robbers.'])->assertStatus(303);
        self::assertSame($lots, Lot::query()->count());
        self::assertSame(ClearingState::Collected, $clearing->refresh()->state);
        $this->send('PUT', "/clear/plans/$clearing->id/collected")->assertStatus(422);
    }

    public function test_a_whole_day_is_finished_at_once_two_days_late(): void
    {
        $boards = $this->clearing(Method::EscapeBoard, '2026-08-02', '2026-08-09', 0, 1);
        $brushed = $this->clearing(Method::Brush, '2026-08-02', null, 1, 2);
        [$in, $left] = [$brushed->items[0], $brushed->items[1]];
        $this->get('/clear/days/2026-08-02')->assertOk()->assertSee('Finish the day')->assertDontSee('All work is ticked.');
        foreach ([$boards->items[0], $in, $left] as $item) {
            $what = $item->clearing_id === $boards->id ? 'placed' : 'collected';
            $this->send('PUT', "/clear/items/$item->id", ['what' => $what, 'done' => '1', 'back' => '2026-08-02'])->assertStatus(303);
        }
        $this->get('/clear/days/2026-08-02')->assertSee('All work is ticked.');
        $url = '/clear/days/2026-08-02/finish';
        $work = [
            'chosen' => '1',
            'on' => '2026-08-04',
            'done' => [$boards->items[0]->id, $in->id],
            'went' => [$boards->id => 'done', $brushed->id => 'done'],
        ];
        $this->send('PUT', $url, $work, from: '/clear/days/2026-08-02')->assertStatus(422)->assertSee('Say in a few words why they stay.');
        $this->send('PUT', $url, ['on' => '2026-08-05'] + $work + ['why' => 'x'])->assertStatus(422);
        $this->send('PUT', $url, $work + ['why' => 'Bees still in it.'])->assertRedirect('/clear/days/2026-08-04');
        // The board was ticked, and so on, on its day; what came in did so two days later.
        self::assertSame(['2026-08-02', ClearingState::Placed], [$boards->refresh()->first_on->format('Y-m-d'), $boards->state]);
        self::assertSame(['2026-08-04', ClearingState::Collected], [$brushed->refresh()->first_on->format('Y-m-d'), $brushed->state]);
        self::assertSame('Bees still in it.', $left->refresh()->left_why);
        self::assertNull($this->hive()->box($in->box_id));
        self::assertNotNull($this->hive()->box($left->box_id));
        $this->get('/clear/days/2026-08-04')->assertOk()->assertSee('supers in')->assertDontSee('Finish the day');
        $this->send('PUT', $url, $work + ['why' => 'x'])->assertStatus(422)->assertSee('This day has nothing left to do.');
        $this->send('POST', '/undo')->assertStatus(303);
        self::assertNotNull($this->hive()->box($in->box_id));
        self::assertSame(ClearingState::Planned, $brushed->refresh()->state);
        $this->send('PUT', '/clear/days/2026-13-40/finish')->assertStatus(422);
    }

    private function clearing(Method $method, string $first, ?string $second = null, int $from = 0, int $most = 2): Clearing
    {
        $hive = $this->hive();
        $clearing = Clearing::query()->create([
            'apiary_id' => Apiary::query()->where('slug', 'ekbacken')->value('id'),
            'method' => $method,
            'first_on' => $first,
            'second_on' => $second,
            'person_minutes' => 30.0,
            'frozen' => new FrozenClearing,
        ]);
        foreach (array_slice($hive->supers(), $from, $most) as $box) {
            $clearing->items()->create(['hive_id' => $hive->id, 'box_id' => $box->id]);
        }

        return $clearing->load('items.box');
    }

    private function hive(): HiveState
    {
        $state = app(YardReader::class)->hive(Apiary::query()->where('slug', 'ekbacken')->firstOrFail(), 'E8');
        self::assertNotNull($state);

        return $state;
    }
}
