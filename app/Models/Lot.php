<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;

/**
 * Honey kept together from the extractor to the jar.
 *
 * @property string $harvest_id
 * @property string $code
 * @property float $loss_kg
 * @property int|null $pfund_mm  colour on the Pfund scale
 * @property string $taste
 * @property string $plants
 * @property Harvest $harvest
 * @property \Illuminate\Database\Eloquent\Collection<int, Bucket> $buckets
 * @property Capping|null $capping
 */
final class Lot extends Record
{
    protected $attributes = ['version' => 1, 'loss_kg' => 0, 'pfund_mm' => null, 'taste' => '', 'plants' => ''];

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

    /** @return HasOne<Capping, $this> */
    public function capping(): HasOne
    {
        return $this->hasOne(Capping::class);
    }

    public function label(): string
    {
        return __('lot :code', ['code' => $this->code]);
    }
}
