<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * The cappings of a lot: their wax, and the honey that drained from them.
 *
 * @property string $lot_id
 * @property float|null $wax_kg
 * @property float|null $honey_kg
 * @property \Illuminate\Support\Carbon $weighed_on
 * @property Lot $lot
 */
final class Capping extends Record
{
    protected $attributes = [
        'version' => 1,
        'wax_kg' => null,
        'honey_kg' => null,
    ];

    protected $casts = [
        'wax_kg' => 'float',
        'honey_kg' => 'float',
        'weighed_on' => 'date',
    ];

    /** @return BelongsTo<Lot, $this> */
    public function lot(): BelongsTo
    {
        return $this->belongsTo(Lot::class);
    }

    public function label(): string
    {
        return __('cappings');
    }
}
