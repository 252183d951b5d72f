<?php

declare(strict_types=1);

namespace App\YardState\Winter;

use App\YardState\BoxState;
use App\YardState\HiveState;
use Marjoram\Core\Reserve\ReserveResult;
use Marjoram\Core\Reserve\StoredBox;
use Marjoram\Core\Ripeness\BoxHoney;

/** What one hive has and needs for winter. */
final readonly class HiveWinter
{
    /**
     * @param  list<StoredBox>  $boxes  from the floor up, also those that go by decision
     * @param  ?string  $runsOut  day by which stores may be gone, where winter has begun
     * @param  list<string>  $spareWhenRipe  ids of supers that are to wait and will then not be needed here
     */
    public function __construct(
        public HiveState $state,
        public ReserveResult $reserve,
        public WinterNotes $record,
        public BroodStores $stores,
        public float $factor,
        public array $boxes,
        public ?string $runsOut = null,
        public array $spareWhenRipe = [],
    ) {
    }

    public function stays(BoxState $box): bool
    {
        return in_array($box->box->id, $this->reserve->keep, true);
    }

    /** @return list<BoxState> ripe, and not needed for winter */
    public function comingOff(): array
    {
        return array_values(
            array_filter($this->state->supers(), fn (BoxState $box): bool => $box->comesOff() && ! $this->stays($box)),
        );
    }

    /** @return list<BoxState> to wait, and not needed for winter once they are ripe */
    public function comingLater(): array
    {
        return array_values(
            array_filter(
                $this->state->supers(),
                fn (BoxState $box): bool => in_array($box->box->id, $this->spareWhenRipe, true),
            ),
        );
    }

    /** How many boxes from the floor stand below the reserve line. */
    public function boxesBelow(): int
    {
        return count(array_filter($this->state->boxes, fn (BoxState $box): bool => $this->stays($box)));
    }

    /** @return list<BoxState> as they will stand: what stays for winter below, the rest above */
    public function inOrder(): array
    {
        $stays = array_filter($this->state->boxes, $this->stays(...));

        return [
            ...array_values($stays),
            ...array_values(array_filter($this->state->boxes, fn (BoxState $box): bool => ! $this->stays($box))),
        ];
    }

    public function takeKg(): float
    {
        return array_sum(array_map(static fn (BoxState $box): float => $box->honey->honeyKg, $this->comingOff()));
    }

    public function takeSdKg(): float
    {
        return BoxHoney::sdOfSum(array_map(static fn (BoxState $box): BoxHoney => $box->honey, $this->comingOff()));
    }
}
