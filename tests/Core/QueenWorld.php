<?php

declare(strict_types=1);

namespace Tests\Core;

use Marjoram\Core\Numerics\SeededRandom;
use Marjoram\Core\Yields\YieldRecord;

/** An operation in which it is known what each queen is: 60 hives at four yards over five seasons. */
final class QueenWorld
{
    private const HIVES = 60;

    private const YARDS = 4;

    private const SEASONS = [2021, 2022, 2023, 2024, 2025];

    private const QUEEN_SD = 7.0;

    private const REST_SD = 9.0;

    /** @var list<YieldRecord> */
    public array $records = [];

    /** @var array<string, string> */
    public array $mothers = [];

    /** @var array<string, float> kg */
    public array $merit = [];

    /** @var array<int, string> by hive */
    private array $queens = [];

    public function __construct(private readonly SeededRandom $random)
    {
        $breeders = [];
        foreach (self::SEASONS as $season) {
            $years = array_map(fn (): float => $this->random->normal(42.0, 10.0), range(1, self::YARDS));
            for ($hive = 0; $hive < self::HIVES; $hive++) {
                if (! isset($this->queens[$hive]) || $this->random->chance(0.4)) {
                    $this->queens[$hive] = $this->born($breeders);
                }
                $swarmed = $this->random->chance(0.12);
                $split = ! $swarmed && $this->random->chance(0.12);
                $kg = $years[$hive % self::YARDS]
                    + $this->merit[$this->queens[$hive]]
                    + $this->random->normal(0.0, self::REST_SD)
                    - ($swarmed ? 12.0 : 0.0)
                    - ($split ? 9.0 : 0.0);
                $this->records[] = new YieldRecord(
                    "H$hive",
                    'Y'.$hive % self::YARDS,
                    $season,
                    $this->queens[$hive],
                    max(0.0, $kg),
                    $swarmed,
                    $split,
                );
            }
            $breeders = $this->chosen($season);
        }
        // Three of the best have daughters that have not yet seen a season.
        foreach (array_slice($breeders, 0, 3) as $i => $mother) {
            $this->queens[self::HIVES + $i] = $this->born([$mother]);
        }
    }

    /** @return list<string> */
    public function alive(): array
    {
        return array_values(array_unique($this->queens));
    }

    public function yardsMean(string $queen): float
    {
        $hive = (int) array_search($queen, $this->queens, true);
        $yard = array_filter(
            $this->queens,
            static fn (int $other): bool => $other % self::YARDS === $hive % self::YARDS,
            ARRAY_FILTER_USE_KEY,
        );

        return array_sum(array_map(fn (string $one): float => $this->merit[$one], $yard)) / count($yard);
    }

    /** @return array<string, float> what a keeper calculates by hand: kg beside the mean of the yard, over the seasons */
    public function means(): array
    {
        $yards = $of = [];
        foreach ($this->records as $one) {
            $yards["$one->apiary $one->season"][] = $one->kg;
        }
        foreach ($this->records as $one) {
            $yard = $yards["$one->apiary $one->season"];
            $of[(string) $one->queen][] = $one->kg - array_sum($yard) / count($yard);
        }

        return array_map(static fn (array $each): float => array_sum($each) / count($each), $of);
    }

    /** @param  list<string>  $breeders */
    private function born(array $breeders): string
    {
        $queen = 'q'.(count($this->merit) + 1);
        if ($breeders === []) {
            $this->merit[$queen] = $this->random->normal(0.0, self::QUEEN_SD);

            return $queen;
        }
        $mother = $breeders[$this->random->integer(0, count($breeders) - 1)];
        $this->mothers[$queen] = $mother;
        $this->merit[$queen] = 0.5 * $this->merit[$mother]
            + $this->random->normal(0.0, sqrt(0.75) * self::QUEEN_SD);

        return $queen;
    }

    /** @return list<string> the six whose hives gave most this season */
    private function chosen(int $season): array
    {
        $kg = [];
        foreach ($this->records as $one) {
            if ($one->season === $season) {
                $kg[(string) $one->queen] = $one->kg;
            }
        }
        arsort($kg);

        return array_slice(array_keys($kg), 0, 6);
    }
}
