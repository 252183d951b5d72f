<?php

declare(strict_types=1);

namespace Marjoram\Core\Frames;

use Marjoram\Core\InvalidInput;

/** A super with what stays in it; a slot without a frame is a gap. */
final readonly class StandingBox
{
    /**
     * @param  string  $kind  frames fit only boxes of their own kind
     * @param  int  $slots  1 to 30
     * @param  array<int, StandingFrame>  $frames  by slot, from 1
     *
     * @throws InvalidInput when a frame stands in no slot of the box
     */
    public function __construct(public string $id, public string $kind, public int $slots, public array $frames)
    {
        InvalidInput::unlessWithin($slots, 1, 30, 'The number of slots', '/slots');
        foreach (array_keys($frames) as $slot) {
            InvalidInput::unlessWithin($slot, 1, $slots, 'The slot', "/frames/$slot");
        }
    }

    /** @return list<int> slots without a frame, the middle ones first */
    public function gaps(): array
    {
        $gaps = array_values(array_diff(range(1, $this->slots), array_keys($this->frames)));
        usort($gaps, fn (int $a, int $b): int => [$this->fromMiddle($a), $a] <=> [$this->fromMiddle($b), $b]);

        return $gaps;
    }

    /** Twice the distance of a slot from the middle, in slots. */
    public function fromMiddle(int $slot): int
    {
        return abs(2 * $slot - $this->slots - 1);
    }

    /** @return array<int, StandingFrame> the same frames without gaps between them, from slot 1 */
    public function closedUp(): array
    {
        $frames = $this->frames;
        ksort($frames);

        return $frames === [] ? [] : array_combine(range(1, count($frames)), array_values($frames));
    }

    /** Frames with honey that hands may move. */
    public function movable(): int
    {
        return count($this->movableSlots());
    }

    /** @return list<int> */
    public function movableSlots(): array
    {
        $is = static fn (StandingFrame $frame): bool => $frame->mayMove && $frame->hasHoney();

        return array_keys(array_filter($this->frames, $is));
    }

    public function isFinished(): bool
    {
        $stays = static fn (StandingFrame $frame): bool => $frame->hasHoney() || ! $frame->mayMove;

        return array_filter($this->frames, $stays) === [];
    }

    public function with(int $slot, StandingFrame $frame): self
    {
        return new self($this->id, $this->kind, $this->slots, [$slot => $frame] + $this->frames);
    }

    public function without(int $slot): self
    {
        return new self($this->id, $this->kind, $this->slots, array_diff_key($this->frames, [$slot => true]));
    }
}
