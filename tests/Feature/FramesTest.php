<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apiary\Hives\BoxState;
use App\Apiary\Hives\HiveState;
use App\Apiary\Hives\YardReader;
use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Winter\WinterNotesReader;
use App\Apiary\Winter\WinterReader;
use App\Models\Apiary;
use App\Models\BoxPlace;
use App\Models\Clearing;
use App\Models\ClearingState;
use App\Models\FrameMove;
use App\Models\FrameWhy;
use App\Models\FrozenClearing;
use App\Models\Hive;
use App\Models\HiveWeighing;
use App\Models\Lot;
use App\Models\TakenSuper;
use App\Pages\Calibrate\FillReader;
use Marjoram\Core\Clearing\Method;
use Marjoram\Core\Comb\Face;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Frames come off one by one, those that stay are gathered, and all that is drawn and calculated knows it at once. */
final class FramesTest extends FeatureTestCase
{
    use SmallOperation;

    private Apiary $yard;

    private Hive $one;

    protected function setUp(): void
    {
        parent::setUp();
        $this->operation();
        $this->yard = $this->apiary('Lime Row');
        $this->one = $this->hive($this->yard, 'L1', 2, 1);
        $full = new Face(0.95, 0.05);
        $half = new Face(0.2, 0.4);
        $this->paint($this->super($this->one, 2)->id, array_fill(3, 4, $full) + array_fill(1, 10, $half));
        $this->paint($this->super($this->one, 1)->id, array_fill(1, 10, $half));
    }

    public function test_frames_taken_for_comb_honey_are_in_no_bucket_and_do_not_go_back(): void
    {
        $top = $this->box(2);
        $this->take([$this->id($top, 3)], ['use' => 'comb'])->assertStatus(303);
        $this->take([$this->id($top, 5), $this->id($top, 6)])->assertStatus(303);
        $lot = Lot::query()->with('harvest.supers')->firstOrFail();
        $cut = $lot->harvest->supers->firstWhere('slot', 3);
        self::assertNotNull($cut);
        $this->send('POST', "/honey-room/door/$cut->id/use", ['use' => 'comb', 'kg' => '1.3'])->assertStatus(303);
        $this->tickTheList();
        $this->send('POST', "/honey-room/$lot->id/buckets", ['gross' => '4', 'tare' => '1'])->assertStatus(303);
        $got = $lot->harvest->supers()->pluck('allotted_kg', 'slot')->map(floatval(...))->all();
        self::assertSame(1.3, $got[3]);
        self::assertEqualsWithDelta(3.0, $got[5] + $got[6], 0.002);
        $this->get("/honey-room/$lot->id")->assertSee('comb honey, cut')->assertSee('Place of 2 frames');
        $this->send('POST', "/frames/lots/$lot->id/return", ['to' => 'home'])->assertStatus(303);
        self::assertSame([3], $this->box(2)->look->gaps, 'two are back, the cut one is not');
    }

    public function test_marks_are_given_by_the_operations_own_rule_and_read_when_frames_return(): void
    {
        $operation = app(CurrentOperation::class)->get();
        $top = $this->box(2);
        $frames = [$this->id($top, 3), $this->id($top, 4)];
        $page = '/frames/lime-row?calculate=1&hives[]=L1&f[]='.$frames[0];
        $chosen = fn (): string => (string) $this->get($page)->assertOk()->getContent();
        self::assertStringNotContainsString('value="by-hive" selected', $chosen());
        $operation->adopt(['frame_marks' => 'hive'] + $operation->policy);
        self::assertMatchesRegularExpression('/value="by-hive"\s+selected/', $chosen());
        $operation->adopt(['frame_marks' => 'yard'] + $operation->policy);
        self::assertMatchesRegularExpression('/value="(white|yellow|red|green|blue)"\s+selected/', $chosen());
        $this->take($frames, ['colour' => 'by-hive'])->assertStatus(303);
        $lot = Lot::query()->with('harvest.supers')->firstOrFail();
        self::assertSame(
            ['L1 2/3 yellow 1', 'L1 2/4 yellow 2'],
            $lot->harvest->supers->where('slot', '>', 0)->pluck('mark')->sort()->values()->all(),
        );
        $this->get("/honey-room/$lot->id")->assertSee('L1 2/3 yellow 1');
    }

    public function test_frames_come_off_into_a_lot_and_the_hive_is_lighter_at_once(): void
    {
        $top = $this->box(2);
        $before = $top->honey->kg;
        $frames = [$this->id($top, 3), $this->id($top, 4), $this->id($top, 5)];
        $this->get('/frames/lime-row?calculate=1&hives[]=L1')->assertOk()->assertSee("value=\"{$frames[0]}\"", false);
        $this->take($frames)->assertStatus(303);
        $lot = Lot::query()->with('harvest.supers')->firstOrFail();
        $taken = $lot->harvest->supers;
        self::assertSame([3, 4, 5], $taken->pluck('slot')->sort()->values()->all());
        self::assertSame('L1 2/3', $taken->sortBy('slot')->first()?->mark);
        self::assertSame([1, 'shaken'], [$taken->first()?->carrier, $taken->first()?->bees]);
        $kg = (float) $taken->sum('estimate_kg');
        self::assertGreaterThan(3.0, $kg);
        $after = $this->box(2);
        self::assertSame([3, 4, 5], $after->look->gaps);
        self::assertSame([7, 7], [$after->framesIn(), $after->seen()]);
        self::assertEqualsWithDelta($top->grossKg - $kg - 3 * 0.26, $after->grossKg, 0.3, 'with their wood and wax');
        // What came off is missing, but for what the frames that went had told of the others.
        self::assertEqualsWithDelta($before - $kg, $after->honey->kg, 0.3);
        // Buckets are allotted to frames as to supers, and Compare counts the hive's kilograms but no whole super.
        $this->tickTheList();
        $this->send('POST', "/honey-room/$lot->id/buckets", ['gross' => '5', 'tare' => '1'])->assertStatus(303);
        self::assertEqualsWithDelta(4.0, (float) TakenSuper::query()->sum('allotted_kg'), 0.01);
        self::assertStringContainsString(',L1,', $csv = $this->get('/compare.csv')->streamedContent());
        self::assertStringContainsString(',0,3,4,', $csv, 'no super, three frames, 4 kg');
        $this->get("/honey-room/$lot->id")->assertOk()->assertSee('L1 2/3')->assertSee('3 frames');
        $this->get('/yards/lime-row/L1')->assertOk()->assertSee('3 frames');
    }

    /** What weighings taught is taken out of an estimate before it is held against the next weighing. */
    public function test_frames_teach_the_fill_by_the_estimate_they_would_have_had_without_it(): void
    {
        $factor = ['factor' => 0.8, 'sd' => 0.05, 'count' => 12];
        $kind = $this->box(2)->fitted->kind->key;
        $operation = app(CurrentOperation::class)->get();
        $presumed = $this->box(2)->honey->kg;
        $operation->update(['policy' => ['fill_factors' => [$kind => $factor]] + $operation->policy]);
        $top = $this->box(2);
        self::assertLessThan($presumed, $top->honey->kg);
        $this->take([$this->id($top, 4)])->assertStatus(303);
        $taken = TakenSuper::query()->firstOrFail();
        self::assertEqualsWithDelta(0.8 * 0.7, $taken->frozen->fill(0.7), 1e-9);
        $taken->update(['before_kg' => 2.0, 'after_kg' => 0.5]);
        $learnt = app(FillReader::class)->read()[$kind];
        self::assertEqualsWithDelta($taken->estimate_kg / 0.8, $learnt->weighings[0]->estimateKg, 1e-6);
    }

    public function test_wet_frames_go_back_by_their_marks(): void
    {
        $top = $this->box(2);
        $this->take([$this->id($top, 3), $this->id($top, 4), $this->id($top, 5)])->assertStatus(303);
        $lot = Lot::query()->firstOrFail();
        // Somebody put two of the lower super's frames into its gaps meanwhile, the third was moved out of its slot.
        $low = $this->box(1);
        $others = [$this->id($low, 1), $this->id($low, 2)];
        $this->send('POST', '/frames/lime-row/moves', ['f' => $others, 'to' => $top->mark])->assertStatus(303);
        $this->send('POST', '/frames/lime-row/moves', ['f' => [$this->id($top, 9)], 'to' => $top->mark])->assertStatus(303);
        self::assertSame([9], $this->box(2)->look->gaps);
        $this->send('POST', "/frames/lots/$lot->id/return", ['to' => 'home', 'on' => '2030-01-01'], from: "/honey-room/$lot->id")
            ->assertStatus(422);
        $this->send('POST', "/frames/lots/$lot->id/return", ['to' => 'home'])->assertStatus(303);
        $box = $this->box(2);
        self::assertSame([], $box->look->gaps);
        self::assertTrue($box->look->frames[9]->gone, 'wet, not full');
        $this->get("/honey-room/$lot->id")->assertOk()->assertSee('wet, back in L1, slot 9')->assertSee('in store');
        $this->send('POST', "/frames/lots/$lot->id/return", ['to' => 'home'], from: "/honey-room/$lot->id")
            ->assertStatus(422)
            ->assertSee('Their boxes have no gap');
        // Those in store go home when there is room again, each to its own slot where that is free.
        $this->send('POST', '/frames/lime-row/moves', ['f' => [$this->id($top, 4), $this->id($top, 5)], 'to' => 'store'])
            ->assertStatus(303);
        $this->send('POST', "/frames/lots/$lot->id/return", ['to' => 'home'])->assertStatus(303);
        self::assertSame([], $this->box(2)->look->gaps);
        $this->get("/honey-room/$lot->id")->assertSee('wet, back in L1, slot 4')->assertSee('wet, back in L1, slot 5');
        $this->send('POST', "/frames/lots/$lot->id/return", ['to' => 'home'], from: "/honey-room/$lot->id")
            ->assertStatus(422)
            ->assertSee('No frame of this lot is here now');
    }

    public function test_winter_has_less_after_a_frame_of_the_brood_box_was_taken_however_its_stores_are_known(): void
    {
        $brood = $this->state('L1')->broodBoxes()[0];
        $this->paint($brood->id, array_fill(1, 2, new Face(0.95, 0.05)));
        $noted = function (): float {
            $share = app(WinterReader::class)->one($this->yard, $this->state('L1'));
            assert($share !== null);

            return $share->stores->kg;
        };
        $look = ['frames_of_bees' => '8', 'brood_honey' => '14', 'how' => 'estimated'];
        $this->send('POST', "/winter/hives/{$this->one->id}/looks", $look)->assertStatus(303);
        $before = $noted();
        $this->take([$this->id($brood, 1)])->assertStatus(303);
        $kg = (float) TakenSuper::query()->sum('estimate_kg');
        self::assertGreaterThan(1.4, $kg, 'common practice: a deep frame of honey holds some 2 to 3 kg');
        self::assertEqualsWithDelta($before - $kg, $noted(), 0.01, 'noted');
        $this->send('POST', '/undo')->assertStatus(303);
        self::assertEqualsWithDelta($before, $noted(), 0.001);
        // The same where it goes into store.
        $this->send('POST', '/frames/lime-row/moves', ['f' => [$this->id($brood, 2)], 'to' => 'store'])->assertStatus(303);
        self::assertEqualsWithDelta($before - $kg, $noted(), 0.15, 'moved');
        $this->send('POST', '/undo')->assertStatus(303);
        // By the scales: what a super held when the hive was weighed is not in the brood boxes when it is gone.
        $weights = ['how' => 'both-sides', 'first' => '38', 'second' => '36', 'frames_of_bees' => '8'];
        $this->send('POST', "/winter/hives/{$this->one->id}/weighings", $weights)->assertStatus(303);
        $before = $noted();
        $top = $this->box(2);
        $this->take([$this->id($top, 3), $this->id($top, 4), $this->id($top, 5)])->assertStatus(303);
        self::assertEqualsWithDelta($before, $noted(), 0.2, 'weighed');
        // What goes months after a weighing was gathered since.
        $gone = fn (): float => app(WinterNotesReader::class)->one($this->one->id)->goneSince(HiveWeighing::query()->firstOrFail());
        self::assertGreaterThan(3.0, $gone());
        HiveWeighing::query()->firstOrFail()->update(['weighed_on' => '2026-05-20']);
        self::assertSame(0.0, $gone());
    }

    public function test_what_stays_is_gathered_and_an_emptied_super_comes_off_and_undo_puts_all_back(): void
    {
        $top = $this->box(2);
        $low = $this->box(1);
        // All of the lower one's outer frames but three, and of the upper one all but two, come off.
        $frames = array_map(fn (int $slot): string => $this->id($low, $slot), [4, 5, 6, 7, 8, 9, 10]);
        foreach ([1, 2, 3, 4, 5, 6, 7, 8] as $slot) {
            $frames[] = $this->id($top, $slot);
        }
        $before = [$this->sum(), $this->honey()];
        $this->take($frames, ['gather' => '1'])->assertStatus(303);
        self::assertSame(FrameWhy::Gathered, FrameMove::query()->where('to_box_id', $low->id)->firstOrFail()->why);
        self::assertNotNull(BoxPlace::query()->where('box_id', $top->id)->firstOrFail()->until);
        $now = $this->box(1);
        self::assertSame(5, $now->framesIn());
        self::assertSame([1, 2, 8, 9, 10], $now->look->gaps, 'five frames in the middle of ten slots');
        $this->send('POST', '/undo')->assertStatus(303);
        self::assertSame($before, [$this->sum(), $this->honey()]);
    }

    public function test_gaps_are_filled_from_store_and_say_nothing_of_the_others(): void
    {
        $this->take([$this->id($this->box(2), 3)], ['gaps' => 'store'])->assertStatus(303);
        $box = $this->box(2);
        self::assertSame([], $box->look->gaps);
        self::assertTrue($box->look->frames[3]->gone);
        self::assertSame([10, 9], [$box->framesIn(), $box->seen()]);
        // An empty frame may be moved, but not taken for its honey.
        $this->get('/frames/lime-row?hives[]=L1')->assertOk()->assertSee('value="'.$this->id($box, 3).'"', false);
        $this->take([$this->id($box, 3)])->assertStatus(422)->assertSee('has no honey');
        $this->send('POST', '/frames/lime-row/moves', ['f' => [$this->id($box, 3)], 'to' => 'store'])->assertStatus(303);
        self::assertSame([3], $this->box(2)->look->gaps);
        $this->send('POST', '/undo')->assertStatus(303);
        // Painted after that, it is as it was painted.
        $this->send('PUT', "/assess/boxes/$box->id/frames/3", ['a' => ['open' => '0.5'], 'b' => ['open' => '0.5']]);
        $painted = $this->box(2)->look->frames[3];
        self::assertSame([false, 0.5], [$painted->gone, $painted->a->open]);
    }

    public function test_frames_set_wider_hold_what_they_held_and_stand_in_a_row(): void
    {
        $before = $this->honey();
        $top = $this->box(2);
        $gone = [$this->id($top, 4), $this->id($top, 5), $this->id($top, 9)];
        $this->take($gone, ['gaps' => 'spaced'])->assertStatus(303);
        $box = $this->box(2);
        self::assertSame([7, 7, []], [$box->fitted->framesFitted, $box->framesIn(), $box->look->gaps]);
        self::assertSame(10, $box->fitted->drawnAt);
        self::assertEqualsWithDelta(0.95, $box->look->frames[3]->a->capped, 1e-9);
        $kg = (float) TakenSuper::query()->sum('estimate_kg');
        self::assertEqualsWithDelta($before - $kg, $this->honey(), 0.3, 'wider, not fuller');
        $this->send('POST', '/undo')->assertStatus(303);
        self::assertSame($before, $this->honey());
    }

    public function test_a_comb_is_known_wherever_its_frame_goes(): void
    {
        $top = $this->box(2);
        $low = $this->box(1);
        $comb = ['f' => [$this->id($top, 4)], 'comb' => 'free', 'year' => '2025'];
        $this->send('POST', '/frames/lime-row/combs', ['comb' => 'gold'] + $comb, from: '/frames/lime-row')->assertStatus(422);
        $this->send('POST', '/frames/lime-row/combs', $comb)->assertStatus(303);
        $this->get('/frames/lime-row?hives[]=L1')->assertOk()->assertSee('2025 no foundation');
        $honey = $this->honey();
        $swap = ['f' => [$this->id($top, 4), $this->id($low, 7)], 'to' => 'swap'];
        $this->send('POST', '/frames/lime-row/moves', ['f' => [$this->id($top, 4)], 'to' => 'swap'], from: '/frames/lime-row')->assertStatus(422);
        $this->send('POST', '/frames/lime-row/moves', $swap)->assertStatus(303);
        $low = $this->box(1);
        self::assertSame(['free', 2025], [$low->look->combs[7]->comb, $low->look->combs[7]->year]);
        self::assertEqualsWithDelta([0.95, 0.2], [$low->look->frames[7]->a->capped, $this->box(2)->look->frames[4]->a->capped], 1e-9);
        self::assertEqualsWithDelta($honey, $this->honey(), 0.5, 'nothing is lost in a swap');
        // Spun and back by its mark it is the same comb.
        $this->take([$this->id($low, 7)])->assertStatus(303);
        $this->send('POST', '/frames/lots/'.Lot::query()->firstOrFail()->id.'/return', ['to' => 'home'])->assertStatus(303);
        self::assertSame('free', $this->box(1)->look->combs[7]->comb);
    }

    public function test_frames_go_to_another_hive_into_store_and_back_and_none_is_in_two_places(): void
    {
        $two = $this->hive($this->yard, 'L2', 1, 1);
        $this->paint($this->super($two, 1)->id, array_fill(1, 10, new Face(0.9)));
        $other = $this->state('L2')->supers()[0];
        $move = fn (array $frames, string $to) => $this->send('POST', '/frames/lime-row/moves', ['f' => $frames, 'to' => $to], from: '/frames/lime-row');
        $top = $this->box(2);
        $move([$this->id($top, 3)], $other->mark)->assertStatus(422)->assertSee('has no gap');
        $move([$this->id($other, 5), $this->id($other, 6)], 'store')->assertStatus(303);
        $move([$this->id($top, 3)], $other->mark)->assertStatus(303);
        $there = $this->state('L2')->supers()[0];
        self::assertSame([6], $there->look->gaps);
        self::assertEqualsWithDelta(0.95, $there->look->frames[5]->a->capped, 1e-9, 'a frame moved keeps its looks');
        $move([$this->id($top, 3)], 'cull')->assertStatus(422)->assertSee('This yard has no frame');
        $move([$this->id($other, 1)], 'M999')->assertStatus(422)->assertSee('No hive has a box M999');
        $brood = $this->state('L2')->broodBoxes()[0];
        $move([$this->id($brood, 1)], $other->mark)->assertStatus(422)->assertSee('does not fit');
    }

    public function test_a_clearing_frame_by_frame_names_its_frames_and_is_done_when_they_are_taken(): void
    {
        $clearing = Clearing::query()->create([
            'apiary_id' => $this->yard->id,
            'method' => Method::ByFrame,
            'first_on' => '2026-08-04',
            'second_on' => null,
            'person_minutes' => 20,
            'frozen' => new FrozenClearing,
        ]);
        $top = $this->box(2);
        $clearing->items()->create(['hive_id' => $this->one->id, 'box_id' => $top->id]);
        $ripe = implode(', ', array_keys(array_filter($top->ripeness->ripe)));
        self::assertSame('3, 4, 5, 6', $ripe);
        $this->get('/clear/days/2026-08-04')->assertOk()->assertSee("frames $ripe of")->assertSee('Take the frames')->assertDontSee('Finish the day')
            ->assertSee('carrying boxes with lids')->assertSee('bee brushes')->assertDontSee('covers or cloths');
        $this->send('PUT', "/clear/plans/$clearing->id/collected", from: "/clear/plans/$clearing->id")
            ->assertStatus(422)
            ->assertSee('Single frames come off here');
        $this->get("/clear/plans/$clearing->id")->assertOk()->assertSee('Take the frames');
        $chosen = '/frames/lime-row?calculate=1&hives[]=L1&f[]='.$this->id($top, 3);
        $this->get($chosen)->assertOk()->assertSee('finish the clearing of Tue 4 Aug (frame by frame)');
        $this->take([$this->id($top, 3)], ['clearing' => $clearing->id])->assertStatus(303);
        self::assertTrue($clearing->refresh()->isCollected());
        $this->get('/account/trail')->assertOk()->assertSee('move of a frame')->assertSee('L1');
    }

    public function test_a_super_is_cleared_over_a_board_and_then_chosen_by_frame(): void
    {
        $clearing = Clearing::query()->create([
            'apiary_id' => $this->yard->id,
            'method' => Method::EscapeBoard,
            'first_on' => '2026-08-03',
            'second_on' => '2026-08-04',
            'state' => ClearingState::Placed,
            'person_minutes' => 20,
            'frozen' => new FrozenClearing,
        ]);
        $top = $this->box(2);
        $clearing->items()->create(['hive_id' => $this->one->id, 'box_id' => $top->id, 'placed_at' => '2026-08-03 10:00:00']);
        $this->get('/clear/days/2026-08-04')->assertOk()->assertSee('or take only the finished frames');
        $this->get('/frames/lime-row?calculate=1&hives[]=L1&f[]='.$this->id($top, 3))->assertOk()->assertSee('finish the clearing of');
        // Not named it stays open; named it is done, and the super stays on its hive.
        $this->take([$this->id($top, 3)])->assertStatus(303);
        self::assertFalse($clearing->refresh()->isCollected());
        $this->take([$this->id($top, 4)], ['clearing' => $clearing->id])->assertStatus(303);
        self::assertTrue($clearing->refresh()->isCollected());
        self::assertSame('taken frame by frame', $clearing->items()->firstOrFail()->left_why);
        self::assertSame([3, 4], $this->box(2)->look->gaps);
        $this->send('POST', '/undo')->assertStatus(303);
        self::assertFalse($clearing->refresh()->isCollected());
    }

    public function test_a_frame_tells_where_it_was(): void
    {
        $top = $this->box(2);
        $low = $this->box(1);
        $this->send('POST', '/frames/lime-row/moves', ['f' => [$this->id($top, 4), $this->id($low, 7)], 'to' => 'swap'])->assertStatus(303);
        $this->take([$this->id($low, 7)])->assertStatus(303);
        $this->send('POST', '/frames/lots/'.Lot::query()->firstOrFail()->id.'/return', ['to' => 'home'])->assertStatus(303);
        $frame = TakenSuper::query()->firstOrFail();
        $page = (string) $this->get("/frames/taken/$frame->id")->assertOk()->getContent();
        $way = "swapped.*L1, {$top->mark}, 4.*L1, {$low->mark}, 7.*taken.*L1, {$low->mark}, 7.*returned.*L1, {$low->mark}, 7";
        self::assertMatchesRegularExpression("/$way/s", (string) preg_replace('/ +/', ' ', $page));
    }

    public function test_bad_input_is_explained_and_changes_nothing(): void
    {
        $top = $this->box(2);
        $this->send('PUT', "/assess/boxes/$top->id/frames/4", ['a' => ['brood' => '0.5'], 'b' => ['capped' => '0.5']]);
        $this->take([])->assertStatus(422)->assertSee('Choose at least one frame.');
        $this->take([$this->id($top, 4)])->assertStatus(422)->assertSee('has brood. Leave it in the hive');
        $this->take([$this->id($top, 11)])->assertStatus(422)->assertSee('This yard has no frame');
        $this->take([$this->id($top, 3)], ['on' => '2030-01-01'])->assertStatus(422)->assertSee('in the future');
        $this->take([$this->id($top, 3)], ['on' => '2019-01-01'])->assertStatus(422)->assertSee('has been there only since');
        $this->take([$this->id($top, 3)], ['gaps' => 'maybe'])->assertStatus(422);
        $this->send('POST', '/frames/lime-row', ['f' => 'x'], from: '/frames/lime-row')->assertStatus(422);
        $this->send('POST', '/frames/lime-row', ['f' => [['x']]], from: '/frames/lime-row')->assertStatus(422);
        self::assertSame([0, 0], [FrameMove::query()->count(), Lot::query()->count()]);
        $this->get('/frames/lime-row?'.http_build_query(['calculate' => ['x'], 'hives' => 'x', 'f' => [['x']], 'extractor' => '-3']))
            ->assertOk();
        $this->take([$this->id($top, 3)])->assertStatus(303);
        $this->take([$this->id($top, 3)])->assertStatus(422);
    }

    /** Random days: frames in hives, taken, in store and melted down are as many as there were, each in one place. */
    public function test_frames_are_conserved_over_random_days(): void
    {
        $random = new Randomizer(new Mt19937(7));
        $two = $this->hive($this->yard, 'L2', 2, 1);
        foreach ([1, 2] as $n) {
            $this->paint($this->super($two, $n)->id, array_fill(1, 10, new Face(0.9, 0.1)));
        }
        $all = $this->sum() + $this->away();
        for ($day = 0; $day < 14; $day++) {
            $states = [$this->state('L1'), $this->state('L2')];
            $frames = [];
            foreach ($states as $hive) {
                foreach ($hive->supers() as $box) {
                    for ($slot = 1; $slot <= $box->fitted->framesFitted; $slot++) {
                        $isThere = ! in_array($slot, $box->look->gaps, true);
                        if ($isThere && $random->getInt(0, 9) === 0) {
                            $frames[] = $this->id($box, $slot);
                        }
                    }
                }
            }
            $supers = array_merge($states[0]->supers(), $states[1]->supers());
            $to = $supers === [] ? 'store' : $supers[$random->getInt(0, count($supers) - 1)]->mark;
            match ($random->getInt(0, 4)) {
                0 => $this->take($frames, ['gather' => (string) $random->getInt(0, 1)]),
                1 => $this->send('POST', '/frames/lime-row/moves', ['f' => array_slice($frames, 0, 2), 'to' => 'swap']),
                2 => $this->send('POST', '/frames/lime-row/moves', ['f' => array_slice($frames, 0, 2), 'to' => $to]),
                3 => $this->send('POST', '/frames/lime-row/moves', ['f' => array_slice($frames, 0, 1), 'to' => ['store', 'cull'][$random->getInt(0, 1)]]),
                default => $this->send('POST', '/undo'),
            };
            self::assertSame($all, $this->sum() + $this->away(), "day $day");
        }
        self::assertGreaterThan(8, FrameMove::query()->count());
    }

    /** Frames out of the hives: taken, in store, melted down, or in supers that came off. */
    private function away(): int
    {
        $out = FrameMove::query()->whereNull('to_box_id')->count();
        $off = 0;
        foreach (BoxPlace::query()->whereNotNull('until')->get() as $place) {
            $went = FrameMove::query()->where('from_box_id', $place->box_id)->count();
            $came = FrameMove::query()->where('to_box_id', $place->box_id)->count();
            $off += 10 - $went + $came;
        }

        return $out + $off;
    }

    private function sum(): int
    {
        $frames = 0;
        foreach (app(YardReader::class)->one($this->yard)->hives as $hive) {
            foreach ($hive->boxes as $box) {
                $frames += $box->framesIn();
            }
        }

        return $frames;
    }

    private function honey(): float
    {
        $kg = array_map(static fn (BoxState $box): float => $box->honey->kg, $this->state('L1')->boxes);

        return round(array_sum($kg), 6);
    }

    private function state(string $code): HiveState
    {
        $state = app(YardReader::class)->hive($this->yard, $code);
        assert($state !== null);

        return $state;
    }

    private function box(int $super): BoxState
    {
        return $this->state('L1')->supers()[$super - 1];
    }

    private function id(BoxState $box, int $slot): string
    {
        return "$box->mark-$slot";
    }

    /**
     * @param  list<string>  $frames
     * @param  array<string, string>  $how
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function take(array $frames, array $how = []): \Illuminate\Testing\TestResponse
    {
        return $this->send('POST', '/frames/lime-row', ['f' => $frames] + $how, from: '/frames/lime-row');
    }

    /** @param  array<int, Face>  $faces  by slot */
    private function paint(string $box, array $faces): void
    {
        foreach ($faces as $slot => $face) {
            $this->send('PUT', "/assess/boxes/$box/frames/$slot", [
                'a' => ['capped' => (string) $face->capped, 'open' => (string) $face->open],
                'b' => ['capped' => (string) $face->capped, 'open' => (string) $face->open],
            ])->assertStatus(303);
        }
    }
}
