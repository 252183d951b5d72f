<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;

/**
 * Boxes on a stand, with a code.
 *
 * @property string $stand_id
 * @property string $code
 * @property bool $excluder
 * @property string|null $notes
 * @property Stand $stand
 * @property Colony|null $colony
 * @property \Illuminate\Database\Eloquent\Collection<int, Colony> $colonies
 * @property \Illuminate\Database\Eloquent\Collection<int, BoxPlace> $places
 */
final class Hive extends Record
{
    protected $attributes = ['version' => 1, 'excluder' => true, 'notes' => null];

    protected $casts = ['excluder' => 'boolean'];

    /** @return BelongsTo<Stand, $this> */
    public function stand(): BelongsTo
    {
        return $this->belongsTo(Stand::class);
    }

    /** @return HasOne<Colony, $this> */
    public function colony(): HasOne
    {
        return $this->hasOne(Colony::class)->whereNull('ended_on')->latestOfMany('started_on');
    }

    /** @return HasMany<Colony, $this> all that lived here */
    public function colonies(): HasMany
    {
        return $this->hasMany(Colony::class);
    }

    /** A hive without any colony on record counts as occupied. */
    public function isEmpty(): bool
    {
        return $this->colony === null && $this->colonies->isNotEmpty();
    }

    /** @return HasMany<BoxPlace, $this> */
    public function places(): HasMany
    {
        return $this->hasMany(BoxPlace::class)->whereNull('until')->orderBy('position');
    }

    /** @return HasMany<WinterLook, $this> */
    public function winterLooks(): HasMany
    {
        return $this->hasMany(WinterLook::class)->orderByDesc('looked_on');
    }

    public function label(): string
    {
        return __('hive :code', ['code' => $this->code]);
    }
}
