<?php

declare(strict_types=1);

namespace App\Apiary\Frames;

use App\Apiary\Hives\BoxState;
use App\Apiary\Hives\HiveState;
use App\Models\TakenSuper;

/** Where wet frames may go in the boxes that they came from: each its own slot first, then the nearest gap. */
final class FreeSlots
{
    /** @var array<string, array<int, true>> the gaps that nothing was put into yet, by box */
    private array $gaps = [];

    /** @param  array<string, HiveState>  $hives  by id */
    public function __construct(private readonly array $hives)
    {
    }

    /**
     * What stays is gathered when frames are taken: then another frame stands in the slot, and the gap is beside it.
     *
     * @param  list<TakenSuper>  $frames
     * @return array<string, FreeSlot> by the frame's id; one that is not in it finds no room
     */
    public function for(array $frames): array
    {
        $found = [];
        foreach ([true, false] as $own) {
            foreach ($frames as $frame) {
                $box = isset($found[$frame->id]) ? null : $this->box($frame);
                $slot = $box === null ? null : $this->slot($frame, $own);
                if ($box !== null && $slot !== null) {
                    $found[$frame->id] = new FreeSlot($box, $slot);
                    unset($this->gaps[$frame->box_id][$slot]);
                }
            }
        }

        return $found;
    }

    /** The box that it came from, where it still stands on that hive. */
    private function box(TakenSuper $frame): ?BoxState
    {
        $box = ($this->hives[$frame->hive_id] ?? null)?->box($frame->box_id);
        if ($box !== null) {
            $this->gaps[$frame->box_id] ??= array_fill_keys($box->look->gaps, true);
        }

        return $box;
    }

    private function slot(TakenSuper $frame, bool $own): ?int
    {
        if ($own) {
            return isset($this->gaps[$frame->box_id][$frame->slot]) ? $frame->slot : null;
        }
        $gaps = array_keys($this->gaps[$frame->box_id]);
        usort($gaps, static fn (int $a, int $b): int => abs($a - $frame->slot) <=> abs($b - $frame->slot));

        return $gaps[0] ?? null;
    }
}
