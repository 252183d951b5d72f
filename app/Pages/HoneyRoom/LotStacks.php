<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom;

use App\Models\Lot;
use App\Models\Station;
use App\Models\TakenSuper;

/** The lots that have something on the bench. */
final class LotStacks
{
    private const ON_THE_BENCH = [Station::Awaited, Station::Missing, Station::Door, Station::Dry, Station::Spun];

    /**
     * Oldest first: what came in first is spun first.
     *
     * @param  list<string>  $with  relations of a super that are read too
     * @param  list<string>  $of  relations of a lot
     * @return list<LotStack>
     */
    public function read(array $with = [], array $of = ['harvest.apiary']): array
    {
        $lots = Lot::query()
            ->whereIn('harvest_id', TakenSuper::query()->whereIn('station', self::ON_THE_BENCH)->select('harvest_id'))
            ->join('harvests', 'harvests.id', '=', 'lots.harvest_id')
            ->orderBy('harvests.taken_on')
            ->orderBy('lots.code')
            ->select('lots.*')
            ->with($of)
            ->get();
        $supers = TakenSuper::query()
            ->whereIn('harvest_id', $lots->pluck('harvest_id'))
            ->with($with)
            ->orderBy('id')
            ->get()
            ->toBase()
            ->groupBy('harvest_id');

        return array_values($lots
            ->map(static fn (Lot $lot): LotStack => new LotStack($lot, $supers->get($lot->harvest_id, collect())))
            ->all());
    }
}
