<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Apiary;
use App\Models\ClearingSuper;
use App\Models\Operation;

/** A day out: in the units of whoever reads the sheet, for all who go along, with what is to be moved, looked at and lifted. */
final class FieldDayTest extends FeatureTestCase
{
    use PlannedClearings;

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('keeper')->demo();
    }

    public function test_weights_are_in_the_readers_units(): void
    {
        $this->plan('ekbacken', 'brush', '2026-08-06', null, ['E1' => 1, 'E2' => 2]);
        $metric = (string) $this->get('/clear/days/2026-08-06')->assertOk()->getContent();
        self::assertMatchesRegularExpression(
            '/To lift: ~(\d+)\x{202F}kg with their boxes, ~(\d+)\x{202F}kg for each of 2\./u',
            $metric,
        );
        preg_match('/To lift: ~(\d+)/', $metric, $kg);
        $this->send('PUT', '/account', [
            'name' => 'Keeper',
            'system' => 'us',
            'theme' => 'sun',
            'paper' => 'letter',
        ])->assertStatus(303);
        $us = (string) $this->get('/clear/days/2026-08-06')->assertOk()->getContent();
        self::assertSame(1, preg_match('/To lift: ~(\d+)\x{202F}lb with their boxes/u', $us, $lb));
        self::assertEqualsWithDelta((float) $kg[1] / 0.45359237, (float) $lb[1], 2.0);
        self::assertStringNotContainsString(
            "\u{202F}kg",
            (string) preg_replace('#<header.*?</header>|<nav.*?</nav>#s', '', $us),
        );
    }

    public function test_what_stays_is_moved_below_first_and_only_where_something_goes_below_it(): void
    {
        // Of E3's four supers the lowest comes off: the three above it go below a board first.
        $this->plan('ekbacken', 'escape-board', '2026-08-06', '2026-08-08', ['E3' => 1]);
        $this->get('/clear/days/2026-08-06')
            ->assertOk()
            ->assertSee('boards on')
            ->assertSee('First move boxes that stay below the board (6 min)')
            ->assertSee('below first: super 2')
            ->assertSee('below first: super 4')
            ->assertSee('1', false)
            ->assertSee('escape boards, checked, right side up')
            ->assertDontSee('straps');
        // When they are fetched they stand below already; covers and straps are wanted then, boards are not.
        $this->get('/clear/days/2026-08-08')
            ->assertOk()
            ->assertSee('supers in')
            ->assertDontSee('below first')
            ->assertSee('straps')
            ->assertDontSee('escape boards, checked');
        // With all of them going nothing is moved.
        $this->plan('ekbacken', 'brush', '2026-08-11', null, ['E8' => 4]);
        $this->get('/clear/days/2026-08-11')->assertOk()->assertDontSee('below first')->assertSee('bee brushes');
    }

    public function test_two_batches_at_one_hive_are_one_stop_and_its_drawing_is_ticked(): void
    {
        // Of E3's four supers the lowest gets a board under it, the uppermost is brushed the same day.
        $boards = $this->plan('ekbacken', 'escape-board', '2026-08-06', '2026-08-08', ['E3' => 1]);
        $top = $this->plan('ekbacken', 'brush', '2026-08-06', null, ['E3' => 4])->items()->get();
        $top->take(3)->each(fn (ClearingSuper $one) => $one->delete());
        $page = (string) $this->get('/clear/days/2026-08-06')
            ->assertOk()
            ->assertSee('1 stop,')
            ->assertSee('boards on, supers in')
            ->getContent();
        self::assertSame(1, substr_count($page, '>E3</h3>'), 'one drawing a hive');
        // In the order of the hands: two are moved below, one comes off, then the board goes on.
        self::assertMatchesRegularExpression(
            '/below first: super 3.*below first: super 2.*M\d+, super 4.*board on, under super 1/su',
            (string) preg_replace('#^.*class="handsteps"#s', '', $page),
        );
        foreach ([[$boards->items()->firstOrFail(), 'placed'], [$top[3], 'collected']] as [$item, $what]) {
            assert($item instanceof ClearingSuper);
            self::assertStringContainsString("id=\"draw-$item->id\"", $page);
            self::assertStringContainsString("id=\"tick-$item->id\"", $page);
            $this->send('PUT', "/clear/items/$item->id", ['what' => $what, 'done' => '1', 'back' => '2026-08-06']);
        }
        $page = (string) $this->get('/clear/days/2026-08-06')->getContent();
        self::assertSame(4, substr_count($page, 'aria-pressed="true"'), 'both are ticked in the drawing and in the list');
        $this->get('/clear/days/2026-08-06.pdf')->assertOk()->assertHeader('Content-Type', 'application/pdf');
    }

    public function test_stops_are_driven_in_the_shortest_order_with_the_minutes_of_each_leg(): void
    {
        $this->plan('norra-heden', 'brush', '2026-08-06', null, ['N1' => 1]);
        $this->plan('ekbacken', 'brush', '2026-08-06', null, ['E1' => 1]);
        $this->plan('tegelbruket', 'brush', '2026-08-06', null, ['T1' => 1]);
        $page = (string) $this->get('/clear/days/2026-08-06')->assertOk()->assertSee('3 stops')->getContent();
        preg_match_all('#<h2>\s*(\d)\. (\w+)#', $page, $stops);
        self::assertSame(['1', '2', '3'], $stops[1]);
        $order = implode(' ', $stops[2]);
        self::assertContains($order, ['Norra Tegelbruket Ekbacken', 'Ekbacken Tegelbruket Norra']);
        // A road that the keeper knows to be slow changes the order.
        $ids = Apiary::query()->pluck('id', 'slug');
        $this->send('PUT', '/clear/drives', [
            'from' => 'tegelbruket',
            'minutes' => [$ids['norra-heden'] => '300', $ids['ekbacken'] => '5'],
        ])->assertStatus(303);
        $this->send('PUT', '/clear/drives', [
            'from' => 'honey-room',
            'minutes' => [$ids['tegelbruket'] => '200'],
        ])->assertStatus(303);
        $page = (string) $this->get('/clear/days/2026-08-06')->getContent();
        self::assertStringContainsString("5\u{202F}min drive", $page, 'the slow one is reached by its quick side');
        self::assertStringNotContainsString('h drive', $page);
    }

    public function test_a_helper_ticks_and_a_viewer_reads(): void
    {
        $plan = $this->plan('ekbacken', 'escape-board', '2026-08-06', '2026-08-07', ['E1' => 1, 'E2' => 1]);
        $item = ClearingSuper::query()->where('clearing_id', $plan->id)->firstOrFail();
        $this->as('viewer')
            ->get('/clear/days/2026-08-06')
            ->assertOk()
            ->assertDontSee('id="tick-', false)
            ->assertDontSee('id="load-', false);
        $this->as('helper')
            ->get('/clear/days/2026-08-06')
            ->assertOk()
            ->assertSee('id="tick-', false)
            ->assertSee('id="load-smoker"', false);
        $this->send('PUT', "/clear/items/$item->id", [
            'what' => 'placed',
            'done' => '1',
            'back' => '2026-08-06',
        ])->assertRedirect('/clear/days/2026-08-06');
        $this->get('/clear/days/2026-08-06')->assertSee('aria-pressed="true"', false);
        $this->send('DELETE', "/clear/plans/$plan->id")->assertForbidden();
    }

    public function test_boards_are_counted_out_and_in(): void
    {
        $plan = $this->plan('ekbacken', 'escape-board', '2026-08-04', '2026-08-05', ['E1' => 1, 'E2' => 2]);
        $this->get('/clear/rounds')->assertDontSee('Boards out');
        $this->send('PUT', "/clear/plans/$plan->id/placed")->assertStatus(303);
        $this->get('/clear/rounds')->assertSee('Boards out')->assertSee('2 boards')->assertSee('0 nights');
        Operation::query()
            ->whereKey($plan->operation_id)
            ->update(['demo_today' => '2026-08-05']);
        $this->demo();
        $this->send('PUT', "/clear/plans/$plan->id/collected")->assertStatus(303);
        $this->get('/clear/rounds')->assertDontSee('Boards out');
    }
}
