<?php

declare(strict_types=1);

namespace App\Winter;

use App\Assess\BoxState;
use App\Assess\HiveState;
use App\Models\Decision;
use App\Models\WinterLook;
use Marjoram\Core\Reserve\ReserveResult;
use Marjoram\Core\Ripeness\BoxHoney;

/** What one hive has and needs for winter. */
final readonly class HiveWinter
{
    /**
     * @param  string  $how  measured, estimated or presumed: the honey of the brood boxes
     * @param  array<string, Decision>  $decisions  a person's, by box id
     */
    public function __construct(
        public HiveState $state,
        public ReserveResult $reserve,
        public ?WinterLook $look,
        public float $framesOfBees,
        public float $broodHoneyKg,
        public string $how,
        public array $decisions = [],
    ) {
    }

    public function stays(BoxState $box): bool
    {
        return in_array($box->box->id, $this->reserve->keep, true);
    }

    /** @return list<BoxState> ripe, and not needed for winter */
    public function comingOff(): array
    {
        return array_values(array_filter($this->state->supers(), fn (BoxState $box): bool => $box->comesOff() && ! $this->stays($box)));
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

        return [...array_values($stays), ...array_values(array_filter($this->state->boxes, fn (BoxState $box): bool => ! $this->stays($box)))];
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
