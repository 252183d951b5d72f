<?php

declare(strict_types=1);

namespace App\Day;

use App\Models\Clearing;
use App\Models\ClearingSuper;
use App\YardState\BoxState;
use App\YardState\YardState;
use Illuminate\Support\Collection;
use Marjoram\Core\Lifting\LiftResult;

/** A stop of a day's drive. */
final readonly class DayStop
{
    /**
     * @param  bool  $places  boards go on; else supers come in
     * @param  float  $driveMin  from the stop before
     * @param  array<string, Collection<int, ClearingSuper>>  $byHive
     * @param  array<string, LiftResult>  $lifts  by box id
     * @param  array<string, list<BoxState>>  $below  boxes that stay and are moved below first, by hive
     * @param  bool  $sameStop  the truck stands there already for the plan before
     */
    public function __construct(
        public Clearing $plan,
        public bool $places,
        public float $driveMin,
        public YardState $yard,
        public array $byHive,
        public array $lifts,
        public array $below,
        public int $belowMin,
        public bool $sameStop = false,
    ) {
    }

    public function box(string $hive, string $id): ?BoxState
    {
        return ($this->yard->hives[$hive] ?? null)?->box($id);
    }

    /**
     * What was planned ahead and is not ripe by what is known today: it is to be looked at before the bees are driven out.
     *
     * @param  Collection<int, ClearingSuper>  $items  of a hive
     * @return list<BoxState>
     */
    public function toLookAt(string $hive, Collection $items): array
    {
        $boxes = array_filter(
            array_map(
                fn (ClearingSuper $item): ?BoxState => $item->collected_at === null
                    ? $this->box($hive, $item->box_id)
                    : null,
                array_values($items->all()),
            ),
        );

        return $this->lifted()
            ? []
            : array_values(array_filter($boxes, static fn (BoxState $box): bool => ! $box->comesOff()));
    }

    /** The bees are off the supers already: boards were on before this visit. */
    private function lifted(): bool
    {
        return ! $this->places && $this->plan->second_on !== null;
    }

    /**
     * One board a hive: a tick on any of its supers is the board's.
     *
     * @param  Collection<int, ClearingSuper>  $items  of a hive
     */
    public function boardIsOn(Collection $items): bool
    {
        return $items->contains(fn (ClearingSuper $item): bool => $item->placed_at !== null);
    }

    public function done(): bool
    {
        if ($this->places) {
            return $this->plan->boardsAreOn();
        }

        return $this->plan->items->every(fn (ClearingSuper $item): bool => $item->collected_at !== null);
    }
}
