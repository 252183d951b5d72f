<?php

declare(strict_types=1);

namespace App\Pages\Compare;

use Illuminate\Support\Collection;
use Marjoram\Core\Yields\HiveIndex;

/** A hive over its seasons, next to its neighbours. */
final readonly class HiveSeasons
{
    /**
     * @param  int  $season  the chosen one
     * @param  array<int, SeasonCrop>  $seasons  by year, oldest first
     * @param  float  $indexKg  its mean difference to the yard's mean
     */
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
     * @param  array<string, HiveIndex>  $index
     * @return Collection<int, self> in the order of the yards
     */
    public static function of(Collection $crops, int $season, array $index): Collection
    {
        $row = static function (Collection $of, string $hive) use ($season, $index): self {
            /** @var Collection<int, Crop> $of */
            $newest = $of->reverse()->firstOrFail();

            return new self(
                $newest->yard,
                $newest->slug,
                $hive,
                $season,
                self::seasons($of),
                $index[$hive]->kg ?? 0.0,
                $index[$hive]->seasons ?? 0,
            );
        };

        return $crops->groupBy('hive')->map($row)->values();
    }

    /**
     * The same of whole yards, where there are too many hives for one drawing.
     *
     * @param  Collection<int, Crop>  $crops
     * @return Collection<int, self>
     */
    public static function ofYards(Collection $crops, int $season): Collection
    {
        $row = static function (Collection $of, string $yard) use ($season): self {
            /** @var Collection<int, Crop> $of */
            $seasons = array_map(static fn (SeasonCrop $one): SeasonCrop => $one->asOne(), self::seasons($of));

            return new self(__('All yards'), $of->reverse()->firstOrFail()->slug, $yard, $season, $seasons, 0.0, 0);
        };

        return $crops->groupBy('yard')->map($row)->values();
    }

    public function kg(int $season): float
    {
        return $this->seasons[$season]->honey->kg ?? 0.0;
    }

    public function queen(): ?string
    {
        return ($this->seasons[$this->season] ?? null)?->lastQueen();
    }

    /**
     * @param  Collection<int, Crop>  $crops
     * @return array<int, SeasonCrop>
     */
    private static function seasons(Collection $crops): array
    {
        $seasons = [];
        foreach ($crops as $crop) {
            $seasons[$crop->season] = ($seasons[$crop->season] ?? new SeasonCrop)->with($crop);
        }
        ksort($seasons);

        return $seasons;
    }
}
