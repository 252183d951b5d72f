<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A hive weighed, with the stores that its weight comes to.
 *
 * @property string $hive_id
 * @property \Illuminate\Support\Carbon $weighed_on
 * @property 'whole'|'both-sides'|'one-side' $how
 * @property list<float> $readings  kg
 * @property float $frames_of_bees
 * @property float $tare_kg
 * @property float $stores_kg
 * @property float $stores_sd_kg
 * @property float $reading_sd_kg
 * @property Hive $hive
 */
final class HiveWeighing extends Record
{
    public const HOW = ['whole', 'both-sides', 'one-side'];

    protected $attributes = ['version' => 1];

    protected $casts = [
        'weighed_on' => 'date',
        'readings' => 'array',
        'frames_of_bees' => 'float',
        'tare_kg' => 'float',
        'stores_kg' => 'float',
        'stores_sd_kg' => 'float',
        'reading_sd_kg' => 'float',
    ];

    /** @return BelongsTo<Hive, $this> */
    public function hive(): BelongsTo
    {
        return $this->belongsTo(Hive::class);
    }

    public function label(): string
    {
        return __('weighing of a hive');
    }
}
