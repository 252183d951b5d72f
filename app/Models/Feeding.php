<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Feed given to a colony: the sugar in it, and the stores that become of it.
 *
 * @property string $hive_id
 * @property \Illuminate\Support\Carbon $fed_on
 * @property string $what
 * @property float $amount  kg, or litres of syrup
 * @property float $sugar_kg
 * @property float $stores_kg
 * @property Hive $hive
 */
final class Feeding extends Record
{
    /**
     * kg of sugar in a kg of it, or in a litre of syrup: 1 kg of sugar in 0.5 l of water makes 1.12 l, in 1 l 1.62 l.
     */
    public const SUGAR = [
        'syrup-2-1' => 0.893,
        'syrup-1-1' => 0.617,
        'fondant' => 0.85,
        'dry-sugar' => 1.0,
        'honey-combs' => 0.0,
    ];

    protected $attributes = ['version' => 1];

    protected $casts = ['fed_on' => 'date', 'amount' => 'float', 'sugar_kg' => 'float', 'stores_kg' => 'float'];

    /** @return BelongsTo<Hive, $this> */
    public function hive(): BelongsTo
    {
        return $this->belongsTo(Hive::class);
    }

    /** Litres, not kg. */
    public function isByVolume(): bool
    {
        return str_starts_with($this->what, 'syrup');
    }

    public function label(): string
    {
        return __('feed');
    }
}
