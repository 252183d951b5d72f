<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\Extracting;

use App\Models\LoadFrame;
use App\Models\TakenSuper;
use App\Pages\HoneyRoom\LotStack;
use App\Pages\HoneyRoom\SuperFrame;
use App\Pages\HoneyRoom\SuperFrames;
use Marjoram\Core\Rotor\Loading;
use Marjoram\Core\Rotor\Loads;
use Marjoram\Core\Rotor\RotorFrame;

/** Frames to extract, split into balanced loads. */
final readonly class NextLoads
{
    /** Orders that are tried: more give better loads and a longer wait. */
    private const EVALUATIONS = 8_000;

    /** Of more frames than these the next loads are split first; the rest comes when they are spun. */
    private const MOST_FRAMES = 600;

    public function __construct(private SuperFrames $frames)
    {
    }

    /**
     * Frames of the supers that are here and not spun yet, in the order in which they came.
     *
     * @param  list<LotStack>  $stacks  with their supers' spinning
     * @param  list<string>  $without  ids of supers that are left out
     * @return array<string, SuperFrame> by id
     */
    public function waiting(array $stacks, array $without = []): array
    {
        $waiting = [];
        foreach ($stacks as $stack) {
            foreach ($stack->toSpin()->whereNotIn('id', $without) as $super) {
                $spun = $super->spinning->map(static fn (LoadFrame $one): int => $one->frame)->all();
                foreach ($this->frames->of($super) as $frame) {
                    if (! in_array($frame->slot, $spun, true)) {
                        $waiting[$frame->id()] = $frame;
                    }
                }
            }
        }

        return $waiting;
    }

    /**
     * @param  array<string, SuperFrame>  $waiting
     * @param  int  $spares  spun frames at hand, as counterweights
     * @return list<Loading>
     */
    public function split(int $slots, array $waiting, int $spares): array
    {
        $frames = array_map(
            static fn (SuperFrame $one): RotorFrame => new RotorFrame($one->id(), $one->grams(), $one->fresh),
            array_values(array_slice($waiting, 0, self::MOST_FRAMES)),
        );
        $first = array_values($waiting)[0] ?? null;
        $wetG = $first === null ? 0.0 : $this->frames->wetG($first->super);
        $empty = array_map(
            static fn (int $n): RotorFrame => new RotorFrame(SpareFrame::id($n), $wetG),
            $spares > 0 ? range(1, min($slots, $spares)) : [],
        );

        return (new Loads)->split($slots, $frames, $empty, self::EVALUATIONS);
    }

    /** Whether all frames of a super were in the extractor. */
    public function isSpun(TakenSuper $super): bool
    {
        $were = $super->spinning()
            ->whereHas('run', static fn ($load) => $load->whereNotNull('spun_at'))
            ->pluck('frame')
            ->all();
        $slots = array_map(static fn (SuperFrame $one): int => $one->slot, $this->frames->of($super));

        return array_diff($slots, $were) === [];
    }
}
