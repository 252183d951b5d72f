<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

/** The capped share of a whole box with its standard deviation; null where there is no honey at all. */
final readonly class BoxEstimate
{
    /** @param  list<SlotEstimate>  $slots in order, 1 to the number fitted */
    public function __construct(
        public array $slots,
        public ?float $cappedShare,
        public float $sd,
        public LogitModel $model,
    ) {
    }

    public function unseen(): int
    {
        return count(array_filter($this->slots, static fn (SlotEstimate $slot): bool => ! $slot->seen));
    }

    /** Sum of the fills: how many full frames' worth of honey is in the box. */
    public function fullFrames(): float
    {
        return array_sum(array_map(static fn (SlotEstimate $slot): float => $slot->weight, $this->slots));
    }
}
