<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * The weight of a hive on its scale.
 *
 * @property string $apiary_id
 * @property string|null $hive_id
 * @property \Carbon\CarbonImmutable $at
 * @property float $kg
 * @property Apiary $apiary
 */
final class ScaleWeight extends Record
{
    protected $attributes = ['version' => 1, 'hive_id' => null];

    protected $casts = ['at' => 'immutable_datetime', 'kg' => 'float'];

    /** @return BelongsTo<Apiary, $this> */
    public function apiary(): BelongsTo
    {
        return $this->belongsTo(Apiary::class);
    }

    public function label(): string
    {
        return __('scale weight');
    }
}
