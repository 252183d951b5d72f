<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;

/**
 * The air of the warm room, from its sensor or typed.
 *
 * @property float $celsius
 * @property float $humidity_pct
 * @property 'sensor'|'typed' $source
 * @property \Carbon\CarbonImmutable $read_at
 */
final class RoomAirReading extends Record
{
    protected $casts = [
        'celsius' => 'float',
        'humidity_pct' => 'float',
        'read_at' => 'immutable_datetime',
    ];

    protected $table = 'room_airs';

    /** The last that is known of the room. */
    public static function newest(): ?self
    {
        return self::query()->orderByDesc('read_at')->orderByDesc('id')->first();
    }

    public function label(): string
    {
        return __('air of the room');
    }
}
