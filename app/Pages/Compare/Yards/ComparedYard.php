<?php

declare(strict_types=1);

namespace App\Pages\Compare\Yards;

/** A yard over the seasons. */
final readonly class ComparedYard
{
    /**
     * @param  array<int, float>  $meanKg  of all its hives, by season
     * @param  array<int, float>  $flowKg  what its scale gained, by season
     * @param  float  $hives  a season, on average
     * @param  ?float  $minutesPerKg  of a round's drive, there and back; null where nothing was taken
     * @param  float  $sugarKg  fed a hive and season
     * @param  int  $lost  colonies that died or were united
     */
    public function __construct(
        public string $slug,
        public string $name,
        public array $meanKg,
        public array $flowKg,
        public float $hives,
        public ?float $minutesPerKg,
        public float $sugarKg,
        public int $lost,
    ) {
    }

    public function mean(): float
    {
        return $this->meanKg === [] ? 0.0 : array_sum($this->meanKg) / count($this->meanKg);
    }

    /** What its scale gained a season; null where it has none. */
    public function flow(): ?float
    {
        return $this->flowKg === [] ? null : array_sum($this->flowKg) / count($this->flowKg);
    }

    /** @return list<array{int, float, float}> season, what the scale gained, what a hive gave */
    public function pairs(): array
    {
        $pairs = [];
        foreach ($this->flowKg as $season => $kg) {
            if (isset($this->meanKg[$season])) {
                $pairs[] = [$season, $kg, $this->meanKg[$season]];
            }
        }

        return $pairs;
    }
}
