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

    public function label(): string
    {
        return __('what went wrong at a stop');
    }
}
