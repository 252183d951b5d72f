<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Box;
use App\Models\Clearing;
use App\Models\ClearingState;
use App\Models\ClearingSuper;
use App\Models\Operation;
use App\Models\TakenSuper;
use Marjoram\Core\Clearing\Method;

/** Plans and the day itself; members and their roles. */
final class PlansTest extends FeatureTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->as('keeper')->demo();
    }

    public function test_a_planned_super_is_not_planned_twice(): void
    {
        $plan = $this->plan('escape-board');
        self::assertSame([ClearingState::Planned, Method::EscapeBoard], [$plan->state, $plan->method]);
        self::assertNotNull($plan->second_on);
        $this->get('/clear/ekbacken')
            ->assertOk()
            ->assertSee('All supers that come off at')
            ->assertSee('Planned: escape boards');
        $ids = $plan->items()->pluck('box_id')->all();
        $this->send(
            'POST',
            '/clear/ekbacken/plans',
            ['method' => 'brush', 'boxes' => $ids],
            from: '/clear/ekbacken',
        )->assertStatus(422);
        $this->send('DELETE', "/clear/plans/$plan->id")->assertStatus(303);
        self::assertSame(0, ClearingSuper::query()->count());
        $this->get('/clear/ekbacken')->assertDontSee('Nothing to come off');
    }

    public function test_ticks_may_be_taken_back_and_boards_placed_all_at_once(): void
    {
        $plan = $this->plan('escape-board');
        $item = $plan->items()->firstOrFail();
        $this->send('PUT', "/clear/items/$item->id", ['what' => 'placed', 'done' => '1'])->assertStatus(303);
        self::assertNotNull($item->refresh()->placed_at);
        $this->send('PUT', "/clear/items/$item->id", ['what' => 'placed', 'done' => '0'])->assertStatus(303);
        self::assertNull($item->refresh()->placed_at);
        $this->send('PUT', "/clear/plans/$plan->id/placed")->assertStatus(303);
        self::assertSame(0, ClearingSuper::query()->whereNull('placed_at')->count());
        self::assertSame(ClearingState::Placed, $plan->refresh()->state);
        $this->get('/clear')->assertOk()->assertSee('placed');
        $this->send(
            'PUT',
            "/clear/items/$item->id",
            ['what' => 'eaten', 'done' => '1'],
            from: "/clear/plans/$plan->id",
        )->assertStatus(422);
    }

    public function test_a_collected_plan_is_collected_once_and_undone_as_one(): void
    {
        $plan = $this->plan('brush');
        $boxes = $plan->items()->pluck('box_id')->all();
        Operation::query()
            ->where('name', 'Marjoram demo')
            ->update(['demo_today' => $plan->first_on->format('Y-m-d')]);
        $before = TakenSuper::query()->count();
        $this->send('PUT', "/clear/plans/$plan->id/collected")->assertStatus(303);
        self::assertSame($before + count($boxes), TakenSuper::query()->count());
        self::assertSame(count($boxes), Box::query()->whereKey($boxes)->whereDoesntHave('place')->count());
        $this->send('PUT', "/clear/plans/$plan->id/collected", from: "/clear/plans/$plan->id")
            ->assertStatus(422)
            ->assertSee('in the honey room already');
        $this->send('DELETE', "/clear/plans/$plan->id", from: "/clear/plans/$plan->id")->assertStatus(422);
        $this->send('POST', '/undo')->assertStatus(303);
        self::assertSame($before, TakenSuper::query()->count());
        self::assertSame(0, Box::query()->whereKey($boxes)->whereDoesntHave('place')->count());
        self::assertSame(ClearingState::Planned, $plan->refresh()->state);
    }

    public function test_a_helper_ticks_but_does_not_plan(): void
    {
        $plan = $this->plan('brush');
        $this->as('helper');
        $item = $plan->items()->firstOrFail();
        $this->get("/clear/plans/$plan->id")
            ->assertOk()
            ->assertDontSee('Drop the plan');
        $this->send('PUT', "/clear/items/$item->id", ['what' => 'collected', 'done' => '1'])->assertStatus(303);
        $this->send('DELETE', "/clear/plans/$plan->id")->assertForbidden();
    }

    public function test_hives_are_added_moved_to_another_yard_and_removed(): void
    {
        $hive = [
            'brood_kind' => 'langstroth-deep-10',
            'brood_boxes' => '1',
            'super_kind' => 'langstroth-medium-10',
            'supers' => '2',
            'excluder' => '1',
        ];
        $this->send('POST', '/yards/skolgarden/hives', $hive)->assertRedirect('/yards/skolgarden/S6');
        $this->send('POST', '/yards/skolgarden/hives', ['code' => 's6'] + $hive, from: '/yards/skolgarden')
            ->assertStatus(422)
            ->assertSee('Hive S6 exists already');
        $made = \App\Models\Hive::query()->where('code', 'S6')->firstOrFail();
        $this->send('PUT', "/yards/hives/$made->id", [
            'code' => 'T8',
            'yard' => 'tegelbruket',
            'version' => $made->version,
            'excluder' => '1',
        ])->assertRedirect('/yards/tegelbruket/T8');
        $this->send(
            'PUT',
            "/yards/hives/$made->id",
            ['code' => 'T9', 'yard' => 'tegelbruket', 'version' => $made->version],
            from: '/yards/tegelbruket/T8',
        )
            ->assertStatus(409)
            ->assertSee('Someone else changed');
        $this->get('/yards/tegelbruket/T8')->assertOk()->assertSee('from Skolgården to Tegelbruket');
        $this->send('DELETE', "/yards/hives/$made->id")->assertStatus(303);
        $this->get('/yards')->assertOk();
        $this->get('/yards/tegelbruket/T8')->assertNotFound();
    }

    public function test_finding_a_hive_by_its_code(): void
    {
        $this->get('/yards/find?code=n3')->assertRedirect('/assess/norra-heden/N3');
        $this->from('/watch')->get('/yards/find?code=zz')->assertRedirect('/watch');
        $this->from('/watch')->get('/yards/find?code[]=zz')->assertRedirect('/watch');
    }

    private function plan(string $method): Clearing
    {
        preg_match_all(
            '/name="boxes\[\]"\s+value="(\w+)"/',
            (string) $this->get('/clear/ekbacken')->assertOk()->getContent(),
            $boxes,
        );
        $this->send('POST', '/clear/ekbacken/plans', ['method' => $method, 'boxes' => $boxes[1]])->assertStatus(303);
        $this->demo();

        return Clearing::query()->latest('id')->firstOrFail();
    }
}
