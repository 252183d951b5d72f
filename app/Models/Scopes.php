<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Cache\ScopeVersions;
use App\Foundation\Writes\Record;
use Illuminate\Support\Facades\DB;

/**
 * Names the scopes of the cache, and says which ones a record of each kind bears on: the column in config/records.php.
 */
final class Scopes
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

    /** @return list<string> */
    public static function everywhere(): array
    {
        return [ScopeVersions::EVERYWHERE];
    }

    /** @return list<string> */
    public static function elsewhere(): array
    {
        return [ScopeVersions::ELSEWHERE];
    }

    /** @return list<string> */
    public static function ofYard(Record $record): array
    {
        return [self::yard(self::column($record, 'apiary_id'))];
    }

    /** @return list<string> */
    public static function ofFlow(Record $record): array
    {
        return [self::flow(self::column($record, 'apiary_id'))];
    }

    /** @return list<string> */
    public static function ofWeights(Record $record): array
    {
        return [self::WEIGHTS, ...self::ofFlow($record)];
    }

    /** @return list<string> a weight tells of the flow and of the stores of its hive */
    public static function ofWeight(Record $record): array
    {
        $hive = self::column($record, 'hive_id');
        $yard = $hive === '' ? self::column($record, 'apiary_id') : self::yardOf($hive);

        return [
            self::WEIGHTS,
            ...($yard === null ? [] : [self::flow($yard)]),
            ...($hive === '' ? [] : self::withYard($hive)),
        ];
    }

    /** @return list<string> */
    public static function ofHive(Record $record): array
    {
        return self::withYard(self::column($record, 'hive_id'));
    }

    /** @return list<string> of one that moves, those of both yards */
    public static function ofHiveItself(Hive $hive): array
    {
        $before = $hive->getOriginal('stand_id');
        $left = $before === null || $before === $hive->stand_id
            ? null
            : DB::table('stands')->where('id', $before)->value('apiary_id');

        return [...self::withYard($hive->id), ...(is_string($left) ? [self::yard($left)] : [])];
    }

    /** @return list<string> of the hive that it stands on; a box in store bears on none */
    public static function ofBox(Box $box): array
    {
        return self::ofHiveOrNone(BoxPlace::query()->where('box_id', $box->id)->whereNull('until')->value('hive_id'));
    }

    /** @return list<string> with the flow: a box put on or taken off is none, and its hive may stand on a scale */
    public static function ofPlace(BoxPlace $place): array
    {
        $yard = self::yardOf($place->hive_id);

        return [...self::withYard($place->hive_id), ...($yard === null ? [] : [self::flow($yard)])];
    }

    /** @return list<string> */
    public static function ofInspection(Record $record): array
    {
        $inspection = Assessment::withBinned()->whereKey(self::column($record, 'assessment_id'));

        return self::ofHiveOrNone($inspection->value('hive_id'));
    }

    /** @return list<string> */
    public static function ofQueenMark(QueenMark $mark): array
    {
        return self::ofHiveOrNone(DB::table('colonies')
            ->where('queen_id', $mark->queen_id)
            ->whereNull('ended_on')
            ->whereNull('deleted_at')
            ->value('hive_id'));
    }

    /** @return list<string> of the hives that it left and came to */
    public static function ofFrameMove(FrameMove $move): array
    {
        return [...self::ofHiveOrNone($move->from_hive_id), ...self::ofHiveOrNone($move->to_hive_id)];
    }

    /** @return list<string> */
    public static function ofScaleFile(ScaleImport $file): array
    {
        return self::ofWeights(HiveScale::withBinned()->findOrFail($file->hive_scale_id));
    }

    /** @return list<string> */
    private static function ofHiveOrNone(mixed $hiveId): array
    {
        return is_string($hiveId) ? self::withYard($hiveId) : self::elsewhere();
    }

    /** @return list<string> a hive, in the bin or not, and the yard it stands in */
    private static function withYard(string $hiveId): array
    {
        $yard = self::yardOf($hiveId);

        return $yard === null ? [self::hive($hiveId)] : [self::hive($hiveId), self::yard($yard)];
    }

    private static function yardOf(string $hiveId): ?string
    {
        $yard = DB::table('hives')
            ->join('stands', 'stands.id', '=', 'hives.stand_id')
            ->where('hives.id', $hiveId)
            ->value('stands.apiary_id');

        return is_string($yard) ? $yard : null;
    }

    private static function column(Record $record, string $name): string
    {
        $id = $record->getAttribute($name);

        return is_string($id) ? $id : '';
    }
}
