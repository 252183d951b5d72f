<?php

declare(strict_types=1);

namespace App\YardState\Visits;

use App\Models\Clearing;
use App\Models\ClearingSuper;
use App\YardState\BoxState;
use App\YardState\HiveState;
use App\YardState\YardState;
use Illuminate\Support\Collection;
use Marjoram\Core\Lifting\LiftResult;

/** A stop of a day's drive for one clearing. */
final readonly class Stop
{
    /**
     * @param  bool  $places  boards go on; else supers come in
     * @param  float  $driveMin  from the stop before
     * @param  array<string, Collection<int, ClearingSuper>>  $byHive  by code
     * @param  array<string, LiftResult>  $lifts  by box id
     * @param  array<string, list<BoxState>>  $below  boxes that stay and are moved below first, by hive
     * @param  bool  $sameStop  the truck stands there already for the clearing before
     */
    public function __construct(
        public Clearing $clearing,
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

    public function hive(string $code): ?HiveState
    {
        return $this->yard->hive($code);
    }

    public function box(ClearingSuper $super): ?BoxState
    {
        return $this->yard->hive($super->hive->code)?->box($super->box_id);
    }

    /** What lifting it asks, where it is beyond one back. */
    public function lift(ClearingSuper $super): ?LiftResult
    {
        $lift = $this->lifts[$super->box_id] ?? null;

        return $lift !== null && $lift->index > 1.0 ? $lift : null;
    }

    /**
     * What was planned ahead and is not ripe by what is known today: to be looked at before the bees are driven out.
     *
     * @return list<BoxState>
     */
    public function toLookAt(string $hive): array
    {
        // The bees are off the supers already: boards were on before this visit.
        if (! $this->places && $this->clearing->second_on !== null) {
            return [];
        }
        $boxes = [];
        foreach ($this->byHive[$hive] ?? [] as $super) {
            $box = $super->collected_at === null ? $this->box($super) : null;
            if ($box !== null && ! $box->comesOff()) {
                $boxes[] = $box;
            }
        }

        return $boxes;
    }

    /** Its board is on, or itself on the truck. */
    public function isTicked(ClearingSuper $super): bool
    {
        return $this->places
            ? Clearing::hasBoard($this->byHive[$super->hive->code] ?? new Collection)
            : $super->collected_at !== null;
    }

    public function isDone(): bool
    {
        return $this->places
            ? $this->clearing->boardsAreOn()
            : $this->clearing->items->every(fn (ClearingSuper $super): bool => $super->collected_at !== null);
    }
}
