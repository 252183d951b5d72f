<?php

declare(strict_types=1);

namespace Marjoram\Core\Frames;

/** A frame of a hive that might be taken. */
final readonly class OfferedFrame
{
    /**
     * @param  float  $kg  of honey
     * @param  ?float  $cappedShare  of its honey; null where it has none or nobody has looked
     * @param  bool  $ripe  by itself under the policy, or presumed as its super is
     * @param  bool  $broodChamber  it stands in a brood box: its honey may be what winter needs, or what was treated
     */
    public function __construct(
        public string $id,
        public float $kg,
        public ?float $cappedShare,
        public bool $ripe,
        public bool $hasBrood = false,
        public bool $broodChamber = false,
        public bool $forWinter = false,
    ) {
    }

    /** It may be proposed: ripe, without brood, above the brood and not kept for winter. */
    public function isFree(): bool
    {
        return $this->ripe && $this->kg > 0.0 && ! $this->hasBrood && ! $this->broodChamber && ! $this->forWinter;
    }
}
