<?php

declare(strict_types=1);

namespace Tests\Core;

use Marjoram\Core\Comb\BoxKinds;
use Marjoram\Core\Comb\Face;
use Marjoram\Core\Comb\FittedBox;
use Marjoram\Core\Comb\Frame;
use Marjoram\Core\Frames\Carrying;
use Marjoram\Core\Frames\EvenLoads;
use Marjoram\Core\Frames\FrameShift;
use Marjoram\Core\Frames\Gathering;
use Marjoram\Core\Frames\GatherPlan;
use Marjoram\Core\Frames\OfferedFrame;
use Marjoram\Core\Frames\Proposal;
use Marjoram\Core\Frames\StandingBox;
use Marjoram\Core\Frames\StandingFrame;
use Marjoram\Core\InvalidInput;
use Marjoram\Core\Ripeness\NectarFlow;
use Marjoram\Core\Ripeness\Ripeness;
use Marjoram\Core\Ripeness\Super;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Frames taken one by one: how many, in what they are carried, and what is done with those that stay. */
final class FramesTest extends TestCase
{
    #[TestWith([22, 4, 5, 2, 2])]
    #[TestWith([24, 4, 6, 0, 0])]
    #[TestWith([0, 8, 0, 0, 0])]
    #[TestWith([3, 20, 0, 3, 17])]
    public function test_loads_come_out_even(int $frames, int $rotor, int $full, int $over, int $more): void
    {
        $loads = new EvenLoads($frames, $rotor);
        self::assertSame([$full, $over, $more], [$loads->full, $loads->over, $loads->more()]);
        self::assertSame($frames, $loads->full * $rotor + $over);
    }

    public function test_a_carrying_box_is_one_persons_load(): void
    {
        $frames = array_fill_keys(array_map(static fn (int $n): string => "f$n", range(1, 23)), 2.0);
        $boxes = (new Carrying(10, 4.0, 20.0))->of($frames);
        self::assertSame(array_keys($frames), array_merge(...array_map(static fn ($box): array => $box->frames, $boxes)));
        foreach ($boxes as $box) {
            self::assertLessThanOrEqual(20.0, $box->kg);
            self::assertEqualsWithDelta(4.0 + 2.0 * count($box->frames), $box->kg, 1e-9);
        }
        self::assertSame([8, 8, 7], array_map(static fn ($box): int => count($box->frames), $boxes));
        // By its room alone, and one too heavy by itself.
        self::assertCount(3, (new Carrying(10, 4.0, 100.0))->of($frames));
        self::assertCount(2, (new Carrying(10, 4.0, 5.0))->of(['a' => 3.0, 'b' => 3.0]));
        $this->expectException(InvalidInput::class);
        new Carrying(0, 4.0, 20.0);
    }

    public function test_the_ripest_come_off_as_long_as_winters_share_stays(): void
    {
        $frames = [
            new OfferedFrame('half', 1.2, 0.5, false),
            new OfferedFrame('full', 1.5, 1.0, true),
            new OfferedFrame('brood', 1.5, 1.0, true, hasBrood: true),
            new OfferedFrame('below', 2.5, 1.0, true, broodChamber: true),
            new OfferedFrame('kept', 1.5, 1.0, true, forWinter: true),
            new OfferedFrame('near', 1.4, 0.9, true),
            new OfferedFrame('light', 1.0, 1.0, true),
        ];
        self::assertSame(['full', 'near', 'light'], Proposal::of($frames, 50.0));
        self::assertSame(['full', 'light'], Proposal::of($frames, 2.6), 'of 2.6 kg to spare');
        self::assertSame([], Proposal::of($frames, 0.0));
    }

    public function test_unfinished_frames_are_gathered_in_the_middle_of_the_lowest_super(): void
    {
        $half = new StandingFrame(0.5, 0.3);
        $lower = new StandingBox('lower', 'm', 10, [1 => $half, 9 => $half, 10 => new StandingFrame(0.0)]);
        $upper = new StandingBox('upper', 'm', 10, [2 => new StandingFrame(0.8, 0.5), 6 => $half]);
        $plan = (new Gathering)->plan([$lower, $upper], false);
        self::assertSame(['upper'], $plan->emptied);
        self::assertSame([], array_keys($plan->after[1]->frames));
        // The fullest from above to the very middle; the empty comb is left where it is.
        self::assertEquals(new FrameShift('upper', 2, 'lower', 5), $plan->shifts[0]);
        self::assertSame([4, 5, 6, 7, 10], self::slots($plan->after[0]));
        self::assertCount(4, $plan->shifts);
    }

    public function test_a_super_above_one_that_was_emptied_is_set_down_whole(): void
    {
        $half = new StandingFrame(0.5, 0.3);
        $lower = new StandingBox('lower', 'm', 10, [4 => new StandingFrame(0.0)]);
        $upper = new StandingBox('upper', 'm', 10, array_fill(1, 10, $half));
        $plan = (new Gathering)->plan([$lower, $upper], false);
        self::assertSame([], $plan->shifts);
        self::assertSame([], $plan->emptied, 'it held no honey before either');
        self::assertSame(['lower'], (new Gathering)->plan([$lower, $upper], false, ['lower'])->emptied);
        self::assertSame([], (new Gathering)->plan([$lower, $upper], true, ['lower'])->emptied, 'to be filled again');
    }

    public function test_while_the_flow_is_on_each_super_keeps_its_own(): void
    {
        $half = new StandingFrame(0.5, 0.3);
        $lower = new StandingBox('lower', 'm', 9, [1 => $half, 2 => $half, 8 => $half, 9 => $half]);
        $upper = new StandingBox('upper', 'm', 9, [1 => $half]);
        $plan = (new Gathering)->plan([$lower, $upper], true);
        self::assertSame([], $plan->emptied);
        self::assertSame([[3, 4, 5, 6], [5]], array_map(self::slots(...), $plan->after));
    }

    public function test_brood_and_another_kind_of_box_stay_where_they_are(): void
    {
        $brood = new StandingFrame(0.3, 0.1, mayMove: false);
        $lower = new StandingBox('lower', 'deep', 10, [5 => new StandingFrame(0.5)]);
        $upper = new StandingBox('upper', 'm', 10, [1 => $brood, 2 => new StandingFrame(0.5)]);
        $plan = (new Gathering)->plan([$lower, $upper], false);
        self::assertSame([], $plan->emptied);
        self::assertContains(1, self::slots($plan->after[1]));
        self::assertSame([5], self::slots($plan->after[0]));
    }

    /** Random hives: no frame is lost or doubled, each shift fills a gap, nothing goes outward or up. */
    public function test_frames_are_conserved(): void
    {
        $random = new Randomizer(new Mt19937(13));
        for ($round = 0; $round < 400; $round++) {
            $boxes = [];
            foreach (range(0, $random->getInt(0, 3)) as $b) {
                $slots = $random->getInt(3, 12);
                $frames = [];
                for ($slot = 1; $slot <= $slots; $slot++) {
                    if ($random->getInt(0, 2) > 0) {
                        $fill = $random->getInt(0, 3) === 0 ? 0.0 : $random->getInt(1, 20) / 20;
                        $frames[$slot] = new StandingFrame($fill, 0.5, $random->getInt(0, 7) > 0);
                    }
                }
                $boxes[] = new StandingBox("b$b", $random->getInt(0, 3) === 0 ? 'deep' : 'm', $slots, $frames);
            }
            $plan = (new Gathering)->plan($boxes, $random->getInt(0, 1) === 1);
            self::assertSame(self::all($boxes), self::all($plan->after));
            self::follow($boxes, $plan);
        }
    }

    public function test_a_frame_that_is_gone_holds_nothing_and_says_nothing_of_the_others(): void
    {
        $box = new FittedBox(BoxKinds::get('langstroth-medium-10'));
        $full = new Face(0.9, 0.05);
        $seen = array_map(static fn (int $slot): Frame => new Frame($slot, $full, $full), [4, 5, 6]);
        $gone = new Frame(3, new Face, new Face, gone: true);
        $estimate = static fn (array $frames) => (new Ripeness)->estimate(self::super($box, $frames));
        $before = $estimate($seen);
        $after = $estimate([...$seen, $gone]);
        self::assertEqualsWithDelta($before->slots[7]->fill, $after->slots[7]->fill, 1e-12);
        self::assertSame([true, 0.0], [$after->slots[2]->seen, $after->slots[2]->fill]);
        // An empty frame that was seen there says that others may be empty too.
        $empty = $estimate([...$seen, new Frame(3, new Face, new Face)]);
        self::assertLessThan($before->slots[7]->fill, $empty->slots[7]->fill);
    }

    /** @param  list<Frame>  $frames */
    private static function super(FittedBox $box, array $frames): Super
    {
        return new Super($box, $frames, null, [], true, NectarFlow::Over);
    }

    /** @return list<int> */
    private static function slots(StandingBox $box): array
    {
        $slots = array_keys($box->frames);
        sort($slots);

        return $slots;
    }

    /**
     * @param  list<StandingBox>  $boxes
     * @return list<array{string, float, bool}>
     */
    private static function all(array $boxes): array
    {
        $all = [];
        foreach ($boxes as $box) {
            foreach ($box->frames as $frame) {
                $all[] = [$box->kind, $frame->fill, $frame->mayMove];
            }
        }
        sort($all);

        return $all;
    }

    /** @param  list<StandingBox>  $boxes */
    private static function follow(array $boxes, GatherPlan $plan): void
    {
        $at = array_column($boxes, null, 'id');
        $order = array_flip(array_column($boxes, 'id'));
        foreach ($plan->shifts as $shift) {
            $frame = $at[$shift->fromBox]->frames[$shift->fromSlot] ?? null;
            self::assertNotNull($frame, 'there is a frame to move');
            self::assertTrue($frame->mayMove && $frame->hasHoney());
            self::assertArrayNotHasKey($shift->toSlot, $at[$shift->toBox]->frames, 'into a gap');
            self::assertLessThanOrEqual($order[$shift->fromBox], $order[$shift->toBox], 'never upwards');
            self::assertSame($at[$shift->fromBox]->kind, $at[$shift->toBox]->kind);
            if ($shift->fromBox === $shift->toBox) {
                $box = $at[$shift->fromBox];
                self::assertLessThan($box->fromMiddle($shift->fromSlot), $box->fromMiddle($shift->toSlot));
            }
            $at[$shift->fromBox] = $at[$shift->fromBox]->without($shift->fromSlot);
            $at[$shift->toBox] = $at[$shift->toBox]->with($shift->toSlot, $frame);
        }
        self::assertEquals(array_values($at), $plan->after);
    }
}
