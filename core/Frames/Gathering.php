<?php

declare(strict_types=1);

namespace Marjoram\Core\Frames;

/**
 * What stays after frames were taken: with the flow over, unfinished frames are gathered in the middle of the lowest
 * super, where the bees finish them or carry them down, and supers emptied by it come off; while it is on, each super
 * keeps its own, and its outer frames go into the gaps of the middle (common practice).
 *
 * A frame is moved only where that fills a gap nearer to the middle or in a lower super: no more is moved than must be.
 */
final class Gathering
{
    /**
     * @param  list<StandingBox>  $supers  of one hive, from the lowest, with what stays in them
     * @param  list<string>  $tookFrom  ids of those that frames were taken from
     */
    public function plan(array $supers, bool $flowOn, array $tookFrom = []): GatherPlan
    {
        $boxes = $supers;
        $shifts = [];
        if (! $flowOn) {
            $shifts = $this->down($boxes);
        }
        foreach (array_keys($boxes) as $i) {
            array_push($shifts, ...$this->inward($boxes, $i));
        }
        // A super that held no honey before, and of which nothing was taken, was put there to be filled.
        $held = array_filter(
            $supers,
            static fn (StandingBox $box): bool => ! $box->isFinished() || in_array($box->id, $tookFrom, true),
        );
        $emptied = [];
        foreach ($flowOn ? [] : array_keys($held) as $i) {
            if ($boxes[$i]->isFinished()) {
                $emptied[] = $boxes[$i]->id;
            }
        }

        return new GatherPlan($shifts, array_values($boxes), $emptied);
    }

    /**
     * From the uppermost super down: what fits goes into the lowest super of its kind that has a gap.
     *
     * @param  array<int, StandingBox>  $boxes
     * @return list<FrameShift>
     */
    private function down(array &$boxes): array
    {
        $shifts = [];
        for ($from = count($boxes) - 1; $from > 0; $from--) {
            $slots = $boxes[$from]->movableSlots();
            // A super is emptied whole or left: half of it moved down would be work for nothing.
            $room = 0;
            for ($to = 0; $to < $from; $to++) {
                $room += self::takesFrom($boxes[$to], $boxes[$from]) ? count($boxes[$to]->gaps()) : 0;
            }
            $staysAnyway = count(array_filter(
                $boxes[$from]->frames,
                static fn (StandingFrame $frame): bool => ! $frame->mayMove,
            ));
            if (count($slots) > $room || $staysAnyway > 0) {
                continue;
            }
            usort($slots, static fn (int $a, int $b): int => $boxes[$from]->frames[$b]->fill
                <=> $boxes[$from]->frames[$a]->fill);
            foreach ($slots as $slot) {
                $shifts[] = $this->toLowest($boxes, $from, $slot);
            }
        }

        return $shifts;
    }

    /** One that holds no honey any more comes off by itself: the super above it is set down whole. */
    private static function takesFrom(StandingBox $lower, StandingBox $upper): bool
    {
        return $lower->kind === $upper->kind && ! $lower->isFinished();
    }

    /** @param  array<int, StandingBox>  $boxes */
    private function toLowest(array &$boxes, int $from, int $slot): FrameShift
    {
        $to = 0;
        while (! self::takesFrom($boxes[$to], $boxes[$from]) || $boxes[$to]->gaps() === []) {
            $to++;
        }

        return $this->shift($boxes, $from, $slot, $to, $boxes[$to]->gaps()[0]);
    }

    /**
     * Within a super the outermost frames go into gaps nearer to the middle.
     *
     * @param  array<int, StandingBox>  $boxes
     * @return list<FrameShift>
     */
    private function inward(array &$boxes, int $i): array
    {
        $shifts = [];
        while (true) {
            $gap = $boxes[$i]->gaps()[0] ?? null;
            $outer = null;
            foreach ($boxes[$i]->movableSlots() as $slot) {
                if ($outer === null || $boxes[$i]->fromMiddle($slot) > $boxes[$i]->fromMiddle($outer)) {
                    $outer = $slot;
                }
            }
            if ($gap === null || $outer === null || $boxes[$i]->fromMiddle($outer) <= $boxes[$i]->fromMiddle($gap)) {
                return $shifts;
            }
            $shifts[] = $this->shift($boxes, $i, $outer, $i, $gap);
        }
    }

    /** @param  array<int, StandingBox>  $boxes */
    private function shift(array &$boxes, int $from, int $fromSlot, int $to, int $toSlot): FrameShift
    {
        $frame = $boxes[$from]->frames[$fromSlot];
        $boxes[$from] = $boxes[$from]->without($fromSlot);
        $boxes[$to] = $boxes[$to]->with($toSlot, $frame);

        return new FrameShift($boxes[$from]->id, $fromSlot, $boxes[$to]->id, $toSlot);
    }
}
