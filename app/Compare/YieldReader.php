<?php

declare(strict_types=1);

namespace App\Compare;

use App\Models\TakenSuper;
use Illuminate\Support\Collection;
use Marjoram\Core\Yields\YieldRecord;

/** Reads the crops of all seasons: one query, one record a hive, queen and season. */
final class YieldReader
{
    /** @return Collection<int, Crop> */
    public function read(): Collection
    {
        return TakenSuper::query()
            ->toBase()
            ->join('harvests', 'harvests.id', '=', 'taken_supers.harvest_id')
            ->whereNull('harvests.deleted_at')
            ->join('hives', 'hives.id', '=', 'taken_supers.hive_id')
            ->join('apiaries', 'apiaries.id', '=', 'harvests.apiary_id')
            ->leftJoin('queens', 'queens.id', '=', 'taken_supers.queen_id')
            ->groupBy(
                'apiaries.slug',
                'apiaries.name',
                'apiaries.position',
                'hives.code',
                'harvests.season',
                'queens.code',
                'queens.line',
            )
            ->orderBy('apiaries.position')
            ->orderByRaw('length(hives.code), hives.code')
            ->orderBy('harvests.season')
            ->selectRaw(<<<'SQL'
                apiaries.slug as slug, apiaries.name as yard, hives.code as hive, harvests.season as season,
                queens.code as queen, queens.line as line,
                sum(coalesce(taken_supers.allotted_kg, taken_supers.estimate_kg)) as kg,
                sqrt(sum(pow(coalesce(taken_supers.allotted_sd_kg, taken_supers.own_sd_kg), 2))) as sd,
                sum(slot = 0) as supers, sum(slot > 0) as frames, min(taken_supers.allotted_kg is not null) as weighed
                SQL)
            ->get()
            ->map(
                fn (object $row): Crop => new Crop(
                    (string) $row->slug,
                    (string) $row->yard,
                    (string) $row->hive,
                    (int) $row->season,
                    $row->queen === null ? null : (string) $row->queen,
                    $row->line === null ? null : (string) $row->line,
                    (float) $row->kg,
                    (float) $row->sd,
                    (int) $row->supers,
                    (int) $row->frames,
                    (bool) $row->weighed,
                ),
            );
    }

    /**
     * @param  Collection<int, Crop>  $crops
     * @return list<YieldRecord>
     */
    public function records(Collection $crops): array
    {
        return array_values(
            $crops
                ->map(
                    fn (Crop $crop): YieldRecord => new YieldRecord(
                        $crop->hive,
                        $crop->yard,
                        $crop->season,
                        $crop->queen,
                        max(0.0, $crop->kg),
                    ),
                )
                ->all(),
        );
    }
}
