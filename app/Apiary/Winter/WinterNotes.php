<?php

declare(strict_types=1);

namespace App\Apiary\Winter;

use App\Models\Decision;
use App\Models\Feeding;
use App\Models\HiveWeighing;
use App\Models\WinterLook;
use Illuminate\Support\Carbon;

/** What was noted of a hive that bears on its winter. */
final readonly class WinterNotes
{
    /** What went later than that was gathered since, as a presumption: it was not there when it was noted. */
    private const GONE_DAYS = 30;

    /**
     * @param  list<HiveWeighing>  $weighings  oldest first
     * @param  list<Feeding>  $feedings  oldest first
     * @param  array<string, Decision>  $decisions  by box id
     * @param  list<HoneyGone>  $gone
     */
    public function __construct(
        public ?WinterLook $look = null,
        public array $weighings = [],
        public array $feedings = [],
        public array $decisions = [],
        private array $gone = [],
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

    /** kg that went out of the whole hive since it was weighed. */
    public function goneSince(HiveWeighing $weighed): float
    {
        $gone = $this->after($weighed->weighed_on, $weighed->created_at);

        return array_sum(array_map(static fn (HoneyGone $one): float => $one->hiveKg, $gone));
    }

    /** kg that went out of the brood boxes since their honey was noted. */
    public function goneFromBroodSince(WinterLook $noted): float
    {
        $gone = $this->after($noted->looked_on, $noted->created_at);

        return array_sum(array_map(static fn (HoneyGone $one): float => $one->broodKg, $gone));
    }

    /** @return list<HoneyGone> */
    private function after(Carbon $on, ?Carbon $at): array
    {
        $since = "{$on->format('Y-m-d')} {$at?->format('Y-m-d H:i:s')}";
        $until = $on->copy()->addDays(self::GONE_DAYS)->format('Y-m-d');

        return array_values(array_filter(
            $this->gone,
            static fn (HoneyGone $one): bool => "$one->on $one->notedAt" >= $since && $one->on <= $until,
        ));
    }
}
