<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A bucket of a lot on the scale.
 *
 * @property string $lot_id
 * @property int $number
 * @property float $gross_kg
 * @property float $tare_kg
 * @property float|null $water_pct  as a refractometer said of it
 * @property \Illuminate\Support\Carbon $weighed_at
 * @property Lot $lot
 * @property \Illuminate\Database\Eloquent\Collection<int, Pour> $pours
 */
final class Bucket extends Record
{
    protected $attributes = ['version' => 1, 'water_pct' => null];

    protected $casts = [
        'gross_kg' => 'float',
        'tare_kg' => 'float',
        'water_pct' => 'float',
        'weighed_at' => 'immutable_datetime',
    ];

    /** @return BelongsTo<Lot, $this> */
    public function lot(): BelongsTo
    {
        return $this->belongsTo(Lot::class);
    }

    /** @return HasMany<Pour, $this> */
    public function pours(): HasMany
    {
        return $this->hasMany(Pour::class)->orderBy('id');
    }

    /** What is still in it. */
    public function leftKg(): float
    {
        return max(0.0, round($this->netKg() - (float) $this->pours->sum('kg'), 3));
    }

    public function netKg(): float
    {
        return $this->gross_kg - $this->tare_kg;
    }

    public function label(): string
    {
        return __('bucket :n', ['n' => $this->number]);
    }
}
