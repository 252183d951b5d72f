<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * The bees, with a queen; it may move, split, die.
 *
 * @property string|null $hive_id
 * @property string|null $queen_id
 * @property \Illuminate\Support\Carbon $started_on
 * @property \Illuminate\Support\Carbon|null $ended_on
 * @property Queen|null $queen
 * @property Hive|null $hive
 */
final class Colony extends Record
{
    protected $attributes = ['version' => 1, 'ended_on' => null, 'queen_id' => null];

    protected $casts = ['started_on' => 'date', 'ended_on' => 'date'];

    /** @return BelongsTo<Hive, $this> */
    public function hive(): BelongsTo
    {
        return $this->belongsTo(Hive::class);
    }

    /** @return BelongsTo<Queen, $this> */
    public function queen(): BelongsTo
    {
        return $this->belongsTo(Queen::class);
    }

    /** @return HasMany<ColonyFact, $this> */
    public function facts(): HasMany
    {
        return $this->hasMany(ColonyFact::class)->orderBy('happened_on');
    }

    public function label(): string
    {
        return __('colony');
    }
}
