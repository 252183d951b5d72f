<?php

declare(strict_types=1);

namespace App\Models;

use App\Records\Bearing;
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
 * @property Clearing $plan
 */
final class ClearingSuper extends \App\Records\Record
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

    /** @return BelongsTo<Clearing, $this> */
    public function plan(): BelongsTo
    {
        return $this->belongsTo(Clearing::class, 'clear_plan_id');
    }

    public function bearsOn(): Bearing
    {
        return Scope::bearingOfHive($this->hive_id);
    }
}
