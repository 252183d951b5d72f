<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

use Marjoram\Core\Comb\Kilograms;
use Marjoram\Core\Numerics\Normal;

/** The capped share and the honey of a whole box; the share is null where there is no honey at all. */
final readonly class BoxEstimate
{
    private const SEALED = 0.97;

    /**
     * @param  list<SlotEstimate>  $slots  in order, 1 to the number fitted
     * @param  array{float, float}  $shareRange  of the capped share, in 8 of 10 cases
     * @param  array{float, float}  $kgRange  of the honey, in 8 of 10 cases
     */
    public function __construct(
        public array $slots,
        public ?float $cappedShare,
        public array $shareRange,
        public Kilograms $honey,
        public array $kgRange,
    ) {
    }

    /** Standard deviation of a bell as wide as the range. */
    public function sd(): float
    {
        return 0.5 * ($this->shareRange[1] - $this->shareRange[0]) / Normal::EIGHTY;
    }

    /** Capped all over: bees work no more at it, and capped honey does not dry on the hive (common practice). */
    public function isSealed(): bool
    {
        return ($this->cappedShare ?? 0.0) >= self::SEALED;
    }

    public function unseen(): int
    {
        return count(array_filter($this->slots, static fn (SlotEstimate $slot): bool => ! $slot->seen));
    }

    /** Sum of the fills: how many full frames' worth of honey is in the box. */
    public function fullFrames(): float
    {
        return array_sum(array_map(static fn (SlotEstimate $slot): float => $slot->fill, $this->slots));
    }

    /** Honey of the frames that were seen, kg. */
    public function seenKg(): float
    {
        $kg = 0.0;
        foreach ($this->slots as $slot) {
            $kg += $slot->seen ? $slot->honey->kg : 0.0;
        }

        return $kg;
    }
}
