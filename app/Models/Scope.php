<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Bearing;
use Illuminate\Support\Facades\DB;

/** The scopes that records bear on and computed state depends on. */
final class Scope
{
    /** Scale weights of all yards: a scale speaks for its neighbours too. */
    public const WEIGHTS = 'weights';

    public static function hive(string $id): string
    {
        return "hive.$id";
    }

    public static function yard(string $id): string
    {
        return "yard.$id";
    }

    /** Signs and weights of one yard. */
    public static function flow(string $yardId): string
    {
        return "flow.$yardId";
    }

    /** A hive, in the bin or not, and the yard it stands in; a box in store bears on neither. */
    public static function bearingOfHive(?string $hiveId): Bearing
    {
        $yard = $hiveId === null ? null : self::yardOf($hiveId);

        return match (true) {
            $hiveId === null => Bearing::elsewhere(),
            $yard === null => Bearing::on(self::hive($hiveId)),
            default => Bearing::on(self::hive($hiveId), self::yard($yard)),
        };
    }

    /** A box put on or taken off is no flow: its hive may stand on a scale. */
    public static function bearingOfPlace(string $hiveId): Bearing
    {
        $yard = self::yardOf($hiveId);
        $hive = self::bearingOfHive($hiveId);

        return $yard === null ? $hive : $hive->with(Bearing::on(self::flow($yard)));
    }

    /** The yard of a stand that a hive has left. */
    public static function bearingOfStand(string $standId): Bearing
    {
        $yard = DB::table('stands')->where('id', $standId)->value('apiary_id');

        return is_string($yard) ? Bearing::on(self::yard($yard)) : Bearing::elsewhere();
    }

    private static function yardOf(string $hiveId): ?string
    {
        $yard = DB::table('hives')
            ->join('stands', 'stands.id', '=', 'hives.stand_id')
            ->where('hives.id', $hiveId)
            ->value('stands.apiary_id');

        return is_string($yard) ? $yard : null;
    }
}
