<?php

declare(strict_types=1);

namespace App\Apiary\Weather;

use App\Apiary\Hives\YardReader;
use App\Models\Apiary;

/** Yards that have one weather: what is entered for one of them holds for all. */
final readonly class NearYards
{
    private const KM = 30.0;

    public function __construct(private YardReader $yards)
    {
    }

    /** @return list<Apiary> the yard itself among them */
    public function of(Apiary $yard): array
    {
        $isNear = static fn (Apiary $other): bool => $yard->kmTo($other) <= self::KM;

        return array_values($this->yards->apiaries()->filter($isNear)->all());
    }

    /** @return array<string, string> yards to choose from, by slug; one where all have one weather */
    public function choices(): array
    {
        $yards = $this->yards->apiaries();
        $first = $yards->first();
        $isOne = $first !== null && count($this->of($first)) === $yards->count();

        return $yards->take($isOne ? 1 : $yards->count())->pluck('name', 'slug')->all();
    }
}
