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
                $yard = $this->yard((string) $apiary, $season, $hives, $before, $crop[$season]);
                $before = $yard->meanProducingKg;
                $yards[] = $yard;
            }
        }

        return $yards;
    }

    /**
     * Each hive against the mean of the other hives of its yard in the same seasons; seasons without another hive do
     * not count.
     *
     * @param  list<YieldRecord>  $records
     * @return array<array-key, HiveIndex> by hive, best first; without those that never had another beside them
     */
    public function hiveIndex(array $records): array
    {
        $own = $yards = [];
        foreach ($records as $record) {
            $own[$record->hive][$record->season][$record->apiary] =
                ($own[$record->hive][$record->season][$record->apiary] ?? 0.0) + $record->kg;
        }
        foreach ($this->byYard($records) as $yard) {
            $yards[$yard->apiary][$yard->season] = $yard;
        }
        $index = [];
        foreach ($own as $hive => $seasons) {
            $above = self::abovePeers($seasons, $yards);
            if ($above !== []) {
                $index[$hive] = new HiveIndex(array_sum($above) / count($above), count($above));
            }
        }
        uasort($index, static fn (HiveIndex $a, HiveIndex $b): int => $b->kg <=> $a->kg);

        return $index;
    }

    /**
     * @param  array<int, array<array-key, float>>  $seasons  kg of one hive by season and apiary
     * @param  array<array-key, array<int, YardSeason>>  $yards
     * @return list<float> kg above the mean of its peers, by season
     */
    private static function abovePeers(array $seasons, array $yards): array
    {
        $above = [];
        foreach ($seasons as $season => $apiaries) {
            $differences = [];
            foreach ($apiaries as $apiary => $kg) {
                $yard = $yards[$apiary][$season];
                if ($yard->hives > 1) {
                    $differences[] = $kg - ($yard->totalKg - $kg) / ($yard->hives - 1);
                }
            }
            if ($differences !== []) {
                $above[] = array_sum($differences);
            }
        }

        return $above;
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
