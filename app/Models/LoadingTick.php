<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;

/**
 * Something is on the truck for a day's drive.
 *
 * @property \Illuminate\Support\Carbon $day
 * @property string $thing
 */
final class LoadingTick extends Record
{
    protected $casts = ['day' => 'date'];

    /**
     * What is loaded.
     *
     * @param  string  $day  Y-m-d
     * @return list<string>
     */
    public static function thingsOf(string $day): array
    {
        return array_values(array_map(strval(...), self::query()->where('day', $day)->pluck('thing')->all()));
    }

    public function label(): string
    {
        return __('loading');
    }
}
