<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * What was seen of one box on one day, by one person.
 *
 * @property string $hive_id
 * @property string $box_id
 * @property string|null $user_id
 * @property \Illuminate\Support\Carbon $looked_at
 * @property \Illuminate\Support\Carbon $looked_on  the day of it where the operation is
 * @property string|null $shake
 * @property string|null $note
 * @property array{offset: float, slope: float}|null $eye  the correction of the eye of whoever looked
 * @property \Illuminate\Database\Eloquent\Collection<int, FrameLook> $frames
 * @property \Illuminate\Database\Eloquent\Collection<int, MoistureReading> $readings
 * @property Box $box
 * @property Hive $hive
 */
final class Assessment extends Record
{
    protected $attributes = ['version' => 1, 'shake' => null, 'note' => null, 'eye' => null];

    protected $casts = ['looked_at' => 'immutable_datetime', 'looked_on' => 'date', 'eye' => 'array'];

    /** @return BelongsTo<Hive, $this> */
    public function hive(): BelongsTo
    {
        return $this->belongsTo(Hive::class);
    }

    /** @return BelongsTo<Box, $this> */
    public function box(): BelongsTo
    {
        return $this->belongsTo(Box::class);
    }

    /** @return HasMany<FrameLook, $this> */
    public function frames(): HasMany
    {
        return $this->hasMany(FrameLook::class)->orderBy('slot');
    }

    /** @return HasMany<MoistureReading, $this> */
    public function readings(): HasMany
    {
        return $this->hasMany(MoistureReading::class)->orderBy('id');
    }

    public function label(): string
    {
        return __('inspection of a box');
    }
}
