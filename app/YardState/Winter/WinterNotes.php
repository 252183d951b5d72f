<?php

declare(strict_types=1);

namespace App\YardState\Winter;

use App\Models\Decision;
use App\Models\Feeding;
use App\Models\HiveWeighing;
use App\Models\WinterLook;
use Illuminate\Support\Carbon;

/** What was noted of a hive that bears on its winter. */
final readonly class WinterNotes
{
    /**
     * @param  list<HiveWeighing>  $weighings  oldest first
     * @param  list<Feeding>  $feedings  oldest first
     * @param  array<string, Decision>  $decisions  by box id
     * @param  list<TakenHoney>  $taken
     */
    public function __construct(
        public ?WinterLook $look = null,
        public array $weighings = [],
        public array $feedings = [],
        public array $decisions = [],
        private array $taken = [],
    ) {
    }

    public function lastWeighing(): ?HiveWeighing
    {
        return $this->weighings[count($this->weighings) - 1] ?? null;
    }

    /** kg of stores that became of what was fed after one date and up to another (Y-m-d). */
    public function fedKg(string $after, string $until): float
    {
        $kg = 0.0;
        foreach ($this->feedings as $one) {
            $on = $one->fed_on->format('Y-m-d');
            $kg += $on > $after && $on <= $until ? $one->stores_kg : 0.0;
        }

        return $kg;
    }

    /** kg that harvests took from the whole hive since something was noted of it. */
    public function takenSince(HiveWeighing $noted): float
    {
        return $this->taken($noted->weighed_on->format('Y-m-d'), $noted->created_at, false);
    }

    /** kg that harvests took from the brood boxes since something was noted of them. */
    public function takenFromBroodSince(WinterLook $noted): float
    {
        return $this->taken($noted->looked_on->format('Y-m-d'), $noted->created_at, true);
    }

    private function taken(string $on, ?Carbon $at, bool $broodOnly): float
    {
        $since = "$on {$at?->format('Y-m-d H:i:s')}";
        $kg = 0.0;
        foreach ($this->taken as $one) {
            $kg += "$one->on $one->notedAt" >= $since && ($one->ofBroodBox || ! $broodOnly) ? $one->kg : 0.0;
        }

        return $kg;
    }
}
