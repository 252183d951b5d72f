<?php

declare(strict_types=1);

namespace App\Apiary\Weather;

use App\Foundation\Places\GroundDistance;
use App\Models\Apiary;

/** Yards that have one weather: what is entered for one of them holds for all. */
final class NearYards
{
    private const KM = 30.0;

    /** @return non-empty-list<Apiary> the yard itself first */
    public static function of(Apiary $yard): array
    {
        $near = [$yard];
        foreach (Apiary::query()->whereKeyNot($yard->id)->orderBy('position')->get() as $other) {
            $km = GroundDistance::km([$yard->latitude, $yard->longitude], [$other->latitude, $other->longitude]);
            $near = [...$near, ...$km <= self::KM ? [$other] : []];
        }

        return $near;
    }

    /** @return array<string, string> yards to choose from, by slug; one where all have one weather */
    public static function choices(): array
    {
        $yards = Apiary::query()->orderBy('position')->orderBy('name')->get();
        $first = $yards->first();

        return $yards->take($first !== null && count(self::of($first)) === $yards->count() ? 1 : $yards->count())
            ->mapWithKeys(static fn (Apiary $one): array => [$one->slug => $one->name])
            ->all();
    }
}
