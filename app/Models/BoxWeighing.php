<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Frames of a box, or all of it, weighed before and after extraction, with the estimate that no correction
 * had changed.
 *
 * @property string $box_id
 * @property string $kind
 * @property list<int>|null $slots  null for the whole box
 * @property float $before_kg
 * @property float $after_kg
 * @property float $estimate_kg
 * @property float $own_sd_kg
 * @property \Illuminate\Support\Carbon $weighed_on
 * @property Box $box
 */
final class BoxWeighing extends Record
{
    protected $attributes = ['version' => 1, 'slots' => null];

    protected $casts = [
        'slots' => 'array',
        'before_kg' => 'float',
        'after_kg' => 'float',
        'estimate_kg' => 'float',
        'own_sd_kg' => 'float',
        'weighed_on' => 'date',
    ];

    /** @return BelongsTo<Box, $this> */
    public function box(): BelongsTo
    {
        return $this->belongsTo(Box::class);
    }

    public function label(): string
    {
        return __('weighing');
    }
}
