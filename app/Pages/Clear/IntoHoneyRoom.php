<?php

declare(strict_types=1);

namespace App\Pages\Clear;

use App\Apiary\Harvest\FrozenVerdict;
use App\Apiary\Harvest\NewHarvest;
use App\Apiary\Hives\YardState;
use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Operation\Policy;
use App\Models\Clearing;
use App\Models\ClearingSuper;
use App\Models\Lot;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Collection;

/** Supers collected become a harvest and a lot: each with its hive, colony, queen and what it was judged to hold. */
final readonly class IntoHoneyRoom
{
    /** Spread of a super that was not judged in its hive, kg. */
    private const OWN_SD_KG = 1.0;

    public function __construct(
        private CurrentOperation $current,
        private NewHarvest $harvests,
        private FrozenVerdict $frozen,
    ) {
    }

    /**
     * @param  Collection<int, ClearingSuper>  $items  those that came in
     * @param  DateTimeImmutable  $on  the day on which they did
     */
    public function take(Clearing $clearing, YardState $yard, Collection $items, DateTimeImmutable $on): Lot
    {
        $lot = $this->harvests->open($clearing->apiary, $on);
        foreach ($items as $item) {
            $lot->harvest->supers()->create($this->super($clearing, $item, $yard));
            $item->box->place?->update(['until' => $on->format('Y-m-d')]);
        }

        return $lot;
    }

    /** @return array<string, mixed> */
    private function super(Clearing $clearing, ClearingSuper $item, YardState $yard): array
    {
        $box = $yard->hive($item->hive->code)?->box($item->box_id);
        $frozen = $box === null
            ? $clearing->frozen->verdictOf($item->box_id)
            : $this->frozen->super($box, Policy::at($this->current, $clearing->apiary));

        return [
            'box_id' => $item->box_id,
            'hive_id' => $item->hive_id,
            'colony_id' => $item->hive->colony?->id,
            'queen_id' => $item->hive->colony?->queen_id,
            'estimate_kg' => round($box->honey->kg ?? $frozen->honeyKg(), 3),
            'own_sd_kg' => round($box->honey->ownSdKg ?? self::OWN_SD_KG, 3),
            'frozen' => $frozen,
        ];
    }
}
