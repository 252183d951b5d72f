<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * When a plant flowered at a yard in a season, as it was seen.
 *
 * @property string $apiary_id
 * @property string $plant
 * @property int $season
 * @property \Carbon\CarbonImmutable|null $began_on
 * @property \Carbon\CarbonImmutable|null $ended_on
 * @property string $note
 * @property Apiary $apiary
 */
final class Bloom extends Record
{
    protected $attributes = ['version' => 1, 'began_on' => null, 'ended_on' => null, 'note' => ''];

    protected $casts = ['season' => 'integer', 'began_on' => 'immutable_date', 'ended_on' => 'immutable_date'];

    /** @return BelongsTo<Apiary, $this> */
    public function apiary(): BelongsTo
    {
        return $this->belongsTo(Apiary::class);
    }

    public function label(): string
    {
        return __('bloom of :plant', ['plant' => $this->plant]);
    }
}
