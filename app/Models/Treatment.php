<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * When supers must be off a yard, as the keeper copied it from the label.
 *
 * @property string $apiary_id
 * @property string $what
 * @property \Illuminate\Support\Carbon $supers_off_by
 * @property \Illuminate\Support\Carbon|null $may_return
 * @property Apiary $apiary
 */
final class Treatment extends Record
{
    protected $attributes = ['version' => 1, 'may_return' => null];

    protected $casts = ['supers_off_by' => 'date', 'may_return' => 'date'];

    /** @return BelongsTo<Apiary, $this> */
    public function apiary(): BelongsTo
    {
        return $this->belongsTo(Apiary::class);
    }

    public function label(): string
    {
        return __('treatment');
    }
}
