<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A colony's strength and the honey of its brood boxes, for the winter calculation.
 *
 * @property string $hive_id
 * @property \Illuminate\Support\Carbon $looked_on
 * @property float $frames_of_bees
 * @property float|null $brood_honey_kg
 * @property float|null $brood_honey_sd_kg
 * @property string $how
 * @property Hive $hive
 */
final class WinterLook extends Record
{
    protected $attributes = [
        'version' => 1,
        'brood_honey_kg' => null,
        'brood_honey_sd_kg' => null,
        'how' => 'estimated',
    ];

    protected $casts = [
        'looked_on' => 'date',
        'frames_of_bees' => 'float',
        'brood_honey_kg' => 'float',
        'brood_honey_sd_kg' => 'float',
    ];

    /** @return BelongsTo<Hive, $this> */
    public function hive(): BelongsTo
    {
        return $this->belongsTo(Hive::class);
    }

    public function label(): string
    {
        return __('winter inspection');
    }
}
