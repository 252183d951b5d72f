<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;

/**
 * One taking of supers from an apiary.
 *
 * @property string $apiary_id
 * @property int $season
 * @property string $name
 * @property \Illuminate\Support\Carbon $taken_on
 * @property Apiary $apiary
 * @property \Illuminate\Database\Eloquent\Collection<int, TakenSuper> $supers
 * @property Lot|null $lot
 */
final class Harvest extends Record
{
    protected $casts = ['taken_on' => 'date'];

    /** @return BelongsTo<Apiary, $this> */
    public function apiary(): BelongsTo
    {
        return $this->belongsTo(Apiary::class);
    }

    /** @return HasMany<TakenSuper, $this> */
    public function supers(): HasMany
    {
        return $this->hasMany(TakenSuper::class)->orderBy('id');
    }

    /** @return HasMany<TakenSuper, $this> taken one by one */
    public function frames(): HasMany
    {
        return $this->supers()->where('slot', '>', 0);
    }

    /** Whole supers among what is loaded of it. */
    public function wholeSupers(): int
    {
        return $this->supers->filter(static fn (TakenSuper $one): bool => ! $one->isFrame())->count();
    }

    public function singleFrames(): int
    {
        return $this->supers->filter(static fn (TakenSuper $one): bool => $one->isFrame())->count();
    }

    /** @return HasOne<Lot, $this> */
    public function lot(): HasOne
    {
        return $this->hasOne(Lot::class);
    }

    public function label(): string
    {
        return $this->name;
    }
}
