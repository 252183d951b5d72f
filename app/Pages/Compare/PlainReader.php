<?php

declare(strict_types=1);

namespace App\Pages\Compare;

use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Operation\OperationCache;
use App\Foundation\Cache\ScopeVersions;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** Counts what a keeper counts by hand: supers, buckets, first seasons, splits, and the years before. */
final readonly class PlainReader
{
    public function __construct(private CurrentOperation $current, private OperationCache $cache)
    {
    }

    /**
     * @param  Collection<int, Crop>  $crops  of all seasons
     * @return array<string, PlainFigures> by yard
     */
    public function of(Collection $crops, int $season): array
    {
        return $this->cache->of("plain.$season", [ScopeVersions::ALL], fn (): array => $this->make($crops, $season));
    }

    /**
     * @param  Collection<int, Crop>  $crops
     * @return array<string, PlainFigures>
     */
    private function make(Collection $crops, int $season): array
    {
        $buckets = $this->buckets($season);
        $plain = [];
        foreach ($crops->groupBy('yard') as $yard => $of) {
            $now = $of->where('season', $season);
            $before = $of
                ->where('season', '<', $season)
                ->groupBy('season')
                ->map(static function (Collection $year): ?float {
                    $kg = $year->groupBy('hive')->map(static fn (Collection $hive): float => (float) $hive->sum(
                        static fn (Crop $one): float => $one->honey->kg,
                    ));

                    return $kg->filter(static fn (float $one): bool => $one > 0.0)->avg();
                })
                ->filter();
            $mean = $before->avg();
            $plain[(string) $yard] = new PlainFigures(
                (int) $now->sum('supers'),
                $buckets[(string) $yard] ?? 0,
                $mean === null ? null : (float) $mean,
                $now->where('first', true)->unique('hive')->count(),
                $now->where('split', true)->unique('hive')->count(),
            );
        }

        return $plain;
    }

    /** @return array<string, int> by yard */
    private function buckets(int $season): array
    {
        return DB::table('buckets')
            ->where('buckets.operation_id', $this->current->get()->id)
            ->whereNull('buckets.deleted_at')
            ->join('lots', 'lots.id', '=', 'buckets.lot_id')
            ->join('harvests', 'harvests.id', '=', 'lots.harvest_id')
            ->join('apiaries', 'apiaries.id', '=', 'harvests.apiary_id')
            ->where('harvests.season', $season)
            ->groupBy('apiaries.name')
            ->selectRaw('apiaries.name as yard, count(*) as n')
            ->pluck('n', 'yard')
            ->map(static fn (mixed $n): int => is_numeric($n) ? (int) $n : 0)
            ->all();
    }
}
