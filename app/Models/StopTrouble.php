<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;

/**
 * What went wrong at a stop on a day.
 *
 * @property string $apiary_id
 * @property string $clearing_id
 * @property \Carbon\CarbonImmutable $on
 * @property 'rain'|'robbing'|'heavy'|'time' $what
 */
final class StopTrouble extends Record
{
    public const WHAT = ['rain', 'robbing', 'heavy', 'time'];

    protected $casts = ['on' => 'immutable_date'];

    /**
     * Says that it was so, or was not; said twice it stays one.
     *
     * @param  string  $day  Y-m-d
     */
    public static function note(Clearing $clearing, string $what, string $day, bool $isSo = true): void
    {
        $known = self::query()
            ->where('clearing_id', $clearing->id)
            ->where('on', $day)
            ->where('what', $what)
            ->first();
        if ($isSo && $known === null) {
            self::query()->create([
                'apiary_id' => $clearing->apiary_id,
                'clearing_id' => $clearing->id,
                'on' => $day,
                'what' => $what,
            ]);
        } elseif (! $isSo) {
            $known?->delete();
        }
    }

    public function label(): string
    {
        return __('what went wrong at a stop');
    }
}
