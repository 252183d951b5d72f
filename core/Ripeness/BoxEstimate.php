<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

use Marjoram\Core\Numerics\Normal;

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

    /** @return array{float, float} of the capped share, in 8 of 10 cases; 0 and 0 where there is no honey */
    public function range(): array
    {
        $share = $this->cappedShare ?? 0.0;
        $spread = Normal::EIGHTY * $this->sd;

        return [max(0.0, $share - $spread), min(1.0, $share + $spread)];
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
