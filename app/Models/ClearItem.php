<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One super on a clearing plan: its board placed, itself collected.
 *
 * @property string $clear_plan_id
 * @property string $hive_id
 * @property string $box_id
 * @property \Carbon\CarbonImmutable|null $placed_at
 * @property \Carbon\CarbonImmutable|null $collected_at
 * @property Box $box
 * @property Hive $hive
 * @property ClearPlan $plan
 */
final class ClearItem extends Record
{
    protected $attributes = ['version' => 1, 'placed_at' => null, 'collected_at' => null];

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
        return __('super of a clearing plan');
    }

    /** @return BelongsTo<ClearPlan, $this> */
    public function plan(): BelongsTo
    {
        return $this->belongsTo(ClearPlan::class, 'clear_plan_id');
    }

    public function bearsOn(): string|bool
    {
        return self::yardOfHive($this->hive_id);
    }
}
