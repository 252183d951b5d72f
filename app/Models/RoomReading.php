<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * The water of a super that stands in the honey room, as a refractometer said.
 *
 * @property string $taken_super_id
 * @property float $water_pct
 * @property \Carbon\CarbonImmutable $read_at
 * @property TakenSuper $super
 */
final class RoomReading extends Record
{
    protected $casts = [
        'water_pct' => 'float',
        'read_at' => 'immutable_datetime',
    ];

    /** @return BelongsTo<TakenSuper, $this> */
    public function super(): BelongsTo
    {
        return $this->belongsTo(TakenSuper::class, 'taken_super_id');
    }

    public function label(): string
    {
        return __('reading of a super');
    }
}
