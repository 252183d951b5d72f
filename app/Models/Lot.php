<?php

declare(strict_types=1);

namespace App\Models;

use App\Records\Bearing;
use App\Records\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * Honey kept together from the extractor to the jar.
 *
 * @property string $harvest_id
 * @property string $code
 * @property float $loss_kg
 * @property Harvest $harvest
 * @property \Illuminate\Database\Eloquent\Collection<int, Bucket> $buckets
 */
final class Lot extends Record
{
    protected $attributes = ['version' => 1, 'loss_kg' => 0];

    protected $casts = ['loss_kg' => 'float'];

    /** @return BelongsTo<Harvest, $this> */
    public function harvest(): BelongsTo
    {
        return $this->belongsTo(Harvest::class);
    }

    /** @return HasMany<Bucket, $this> */
    public function buckets(): HasMany
    {
        return $this->hasMany(Bucket::class)->orderBy('number');
    }

    public function label(): string
    {
        return __('lot :code', ['code' => $this->code]);
    }

    public function bearsOn(): Bearing
    {
        return Bearing::elsewhere();
    }
}
