<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

/** One hive of the simulation: ids of its rows, its queen's worth and what it brought so far. */
final class DemoHive
{
    public string $id = '';

    public string $colonyId = '';

    public string $queenId = '';

    public string $queenCode = '';

    public string $line = '';

    public int $queenYear = 0;

    /** log factor of the queen next to her yard's mean */
    public float $merit = 0.0;

    public int $since = 2022;

    /** @var array<int, string> ids of its supers, from the lowest */
    public array $supers = [];

    /** @var list<string> ids of its brood boxes */
    public array $brood = [];

    public function __construct(public readonly string $code)
    {
    }
}
