<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A sign of the flow, seen at a yard.
 *
 * @property string $apiary_id
 * @property string $sign
 * @property string $result
 * @property \Carbon\CarbonImmutable $seen_at
 * @property string|null $note
 * @property Apiary $apiary
 */
final class FlowSign extends Record
{
    protected $attributes = ['version' => 1, 'note' => null];

    protected $casts = ['seen_at' => 'immutable_datetime'];

    /** @return BelongsTo<Apiary, $this> */
    public function apiary(): BelongsTo
    {
        return $this->belongsTo(Apiary::class);
    }

    public function label(): string
    {
        return __('sign of the flow');
    }
}
