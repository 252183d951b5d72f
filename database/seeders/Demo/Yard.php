<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

/** An invented yard of the demo and its hives as the simulation knows them. */
final class Yard
{
    public string $id = '';

    /** @var array<string, DemoHive> by code */
    public array $hives = [];

    /**
     * @param  array<int, float>  $spring  mean crop of a hive in kg by season, from oilseed rape
     * @param  array<int, float>  $summer  the same from lime or heather
     */
    public function __construct(
        public readonly string $name,
        public readonly string $slug,
        public readonly string $letter,
        public readonly int $count,
        public readonly float $latitude,
        public readonly float $longitude,
        public readonly bool $heather,
        public readonly string $broodKind,
        public readonly string $superKind,
        public readonly array $spring,
        public readonly array $summer,
        public readonly string $notes = '',
        private readonly ?int $byFrameSince = null,
    ) {
    }

    /** Whether its harvests of this season take single frames. */
    public function byFrame(int $season): bool
    {
        return $this->byFrameSince !== null && $season >= $this->byFrameSince;
    }

    public function superFrames(): int
    {
        return str_contains($this->superKind, '12') ? 12 : 10;
    }
}
