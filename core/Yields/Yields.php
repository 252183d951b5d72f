<?php

declare(strict_types=1);

namespace Marjoram\Core\Yields;

/**
 * Yields without a model: each hive next to its neighbours under the same sky. Entry point of the module.
 * A hive with two queens in a season is one hive: its records are added.
 */
final readonly class Yields
{
    /**
     * @param  list<YieldRecord>  $records
     * @return list<YardSeason> by apiary, then season
     */
    public function byYard(array $records): array
    {
        $groups = [];
        $crop = [];
        foreach ($records as $record) {
            $groups[$record->apiary][$record->season][$record->hive] =
                ($groups[$record->apiary][$record->season][$record->hive] ?? 0.0) + $record->kg;
            $crop[$record->season] = ($crop[$record->season] ?? 0.0) + $record->kg;
        }
        ksort($groups);
        $yards = [];
        foreach ($groups as $apiary => $seasons) {
            ksort($seasons);
            $before = null;
            foreach ($seasons as $season => $hives) {
                $yard = $this->yard($apiary, $season, $hives, $before, $crop[$season]);
                $before = $yard->meanProducingKg;
                $yards[] = $yard;
            }
        }

        return $yards;
    }

    /**
     * Each hive against the mean of the other hives of its yard in the same seasons.
     *
     * @param  list<YieldRecord>  $records
     * @return array<string, HiveIndex> best first
     */
    public function hiveIndex(array $records): array
    {
        $means = [];
        foreach ($this->byYard($records) as $yard) {
            $means[$yard->apiary][$yard->season] = $yard->meanKg;
        }
        $sums = [];
        foreach ($records as $record) {
            $sums[$record->hive]['kg'] = ($sums[$record->hive]['kg'] ?? 0.0) + $record->kg;
            $sums[$record->hive]['seasons'][$record->season] = $means[$record->apiary][$record->season];
        }
        $index = array_map(
            static fn (array $sum): HiveIndex => new HiveIndex(
                ($sum['kg'] - array_sum($sum['seasons'])) / count($sum['seasons']),
                count($sum['seasons']),
            ),
            $sums,
        );
        uasort($index, static fn (HiveIndex $a, HiveIndex $b): int => $b->kg <=> $a->kg);

        return $index;
    }

    /** @param  non-empty-array<string|int, float>  $hives */
    private function yard(string $apiary, int $season, array $hives, ?float $before, float $crop): YardSeason
    {
        arsort($hives);
        $producing = array_filter($hives, static fn (float $kg): bool => $kg > 0.0);
        $total = array_sum($hives);
        $mean = $producing === [] ? 0.0 : $total / count($producing);

        return new YardSeason(
            $apiary,
            $season,
            count($hives),
            count($producing),
            $total,
            $total / count($hives),
            $mean,
            $before === null ? null : $mean - $before,
            $crop > 0.0 ? $total / $crop : 0.0,
            (string) array_key_first($hives),
            (string) array_key_last($hives),
        );
    }
}
