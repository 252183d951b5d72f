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

    /** @return array<string, string> by the slug of one yard of each group, how the group is called */
    public static function groups(): array
    {
        $groups = $seen = [];
        foreach (Apiary::query()->orderBy('position')->orderBy('name')->get() as $yard) {
            if (isset($seen[$yard->id])) {
                continue;
            }
            $near = self::of($yard);
            $seen += array_fill_keys(array_column($near, 'id'), true);
            $groups[$yard->slug] = implode(', ', array_column($near, 'name'));
        }

        return $groups;
    }
}
