<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One super of a clearing: its board placed, itself collected.
 *
 * @property string $clearing_id
 * @property string $hive_id
 * @property string $box_id
 * @property \Carbon\CarbonImmutable|null $placed_at
 * @property \Carbon\CarbonImmutable|null $collected_at
 * @property string|null $left_why  it stayed on its hive
 * @property Box $box
 * @property Hive $hive
 * @property Clearing $clearing
 */
final class ClearingSuper extends Record
{
    protected $attributes = ['version' => 1, 'placed_at' => null, 'collected_at' => null, 'left_why' => null];

    protected $casts = ['placed_at' => 'immutable_datetime', 'collected_at' => 'immutable_datetime'];

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

    public function label(): string
    {
        return __('super of a clearing');
    }

    /** @return BelongsTo<Clearing, $this> */
    public function clearing(): BelongsTo
    {
        return $this->belongsTo(Clearing::class);
    }
}
