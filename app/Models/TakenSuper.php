<?php

declare(strict_types=1);

namespace App\Models;

use App\Records\Bearing;
use App\Records\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A super taken, or a single frame of one, with what it was judged to hold and what the buckets allotted to it.
 *
 * @property string $harvest_id
 * @property string $box_id
 * @property int $slot  of the frame; 0 for a whole super
 * @property string|null $mark  written on a frame
 * @property int|null $carrier  number of the carrying box
 * @property int|null $carrier_slot
 * @property 'shaken'|'brushed'|'aside'|null $bees  how they left the frame
 * @property string $hive_id
 * @property string|null $colony_id
 * @property string|null $queen_id
 * @property float $estimate_kg
 * @property float $own_sd_kg
 * @property float|null $before_kg
 * @property float|null $after_kg
 * @property float|null $allotted_kg
 * @property float|null $allotted_sd_kg
 * @property array<string, mixed>|null $frozen
 * @property Box $box
 * @property Hive $hive
 * @property Harvest $harvest
 */
final class TakenSuper extends Record
{
    protected $attributes = [
        'version' => 1,
        'slot' => 0,
        'mark' => null,
        'carrier' => null,
        'carrier_slot' => null,
        'bees' => null,
        'before_kg' => null,
        'after_kg' => null,
        'allotted_kg' => null,
        'allotted_sd_kg' => null,
        'frozen' => null,
        'colony_id' => null,
        'queen_id' => null,
    ];

    protected $casts = [
        'estimate_kg' => 'float',
        'own_sd_kg' => 'float',
        'before_kg' => 'float',
        'after_kg' => 'float',
        'allotted_kg' => 'float',
        'allotted_sd_kg' => 'float',
        'frozen' => 'array',
    ];

    /** @return BelongsTo<Harvest, $this> */
    public function harvest(): BelongsTo
    {
        return $this->belongsTo(Harvest::class);
    }

    /** @return BelongsTo<Box, $this> */
    public function box(): BelongsTo
    {
        return $this->belongsTo(Box::class);
    }

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

    public function isFrame(): bool
    {
        return $this->slot > 0;
    }

    /** What is written on it. */
    public function name(): string
    {
        return $this->mark ?? $this->box->mark;
    }

    public function label(): string
    {
        return $this->isFrame() ? __('frame taken') : __('super taken');
    }

    public function bearsOn(): Bearing
    {
        return Bearing::elsewhere();
    }
}
