<?php

declare(strict_types=1);

namespace App\Compare;

use Illuminate\Support\Collection;

/** A hive over its seasons, next to its neighbours. */
final readonly class HiveSeasons
{
    /** @param  array<int, array{kg: float, sd: float, supers: int, weighed: bool, queens: list<string>}>  $seasons */
    private function __construct(
        public string $yard,
        public string $slug,
        public string $hive,
        public int $season,
        public array $seasons,
        public float $indexKg,
        public int $counted,
    ) {
    }

    /**
     * @param  Collection<int, Crop>  $crops
     * @param  array<string, array{index_kg: float, seasons: int}>  $index
     * @return Collection<int, self> in the order of the yards
     */
    public static function of(Collection $crops, int $season, array $index): Collection
    {
        return $crops
            ->groupBy('hive')
            ->map(function (Collection $of, string $hive) use ($season, $index): self {
                $seasons = [];
                foreach ($of as $crop) {
                    $one = $seasons[$crop->season] ?? [
                        'kg' => 0.0,
                        'sd' => 0.0,
                        'supers' => 0,
                        'weighed' => true,
                        'queens' => [],
                    ];
                    $seasons[$crop->season] = [
                        'kg' => $one['kg'] + $crop->kg,
                        'sd' => hypot($one['sd'], $crop->sdKg),
                        'supers' => $one['supers'] + $crop->supers,
                        'weighed' => $one['weighed'] && $crop->weighed,
                        'queens' => [...$one['queens'], ...array_filter([$crop->queen])],
                    ];
                }
                ksort($seasons);
                $newest = $of->last();
                assert($newest !== null);

                return new self(
                    $newest->yard,
                    $newest->slug,
                    $hive,
                    $season,
                    $seasons,
                    $index[$hive]['index_kg'] ?? 0.0,
                    $index[$hive]['seasons'] ?? 0,
                );
            })
            ->values();
    }

    /**
     * The same of whole yards, where there are too many hives for one drawing.
     *
     * @param  Collection<int, Crop>  $crops
     * @return Collection<int, self>
     */
    public static function ofYards(Collection $crops, int $season): Collection
    {
        return $crops
            ->groupBy('yard')
            ->map(function (Collection $of, string $yard) use ($season): self {
                $seasons = $of
                    ->groupBy('season')
                    ->map(
                        fn (Collection $one): array => [
                            'kg' => (float) $one->sum('kg'),
                            'sd' => sqrt((float) $one->sum(fn (Crop $crop): float => $crop->sdKg ** 2)),
                            'supers' => 1,
                            'weighed' => $one->every('weighed', true),
                            'queens' => [],
                        ],
                    )
                    ->all();
                ksort($seasons);
                $newest = $of->last();
                assert($newest !== null);

                return new self(__('All yards'), $newest->slug, $yard, $season, $seasons, 0.0, 0);
            })
            ->values();
    }

    public function kg(int $season): float
    {
        return $this->seasons[$season]['kg'] ?? 0.0;
    }
}
