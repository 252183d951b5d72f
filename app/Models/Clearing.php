<?php

declare(strict_types=1);

namespace App\Models;

use App\Records\Bearing;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Collection;

/**
 * How and when the bees leave the supers of one yard.
 *
 * @property string $apiary_id
 * @property string $method
 * @property string|null $round_id
 * @property \Illuminate\Support\Carbon $first_on
 * @property \Illuminate\Support\Carbon|null $second_on
 * @property float $person_minutes
 * @property string $state
 * @property array<string, mixed> $frozen
 * @property \Illuminate\Database\Eloquent\Collection<int, ClearingSuper> $items
 * @property Apiary $apiary
 */
final class Clearing extends \App\Records\Record
{
    protected $attributes = ['version' => 1, 'second_on' => null, 'state' => 'planned'];

    protected $casts = ['first_on' => 'date', 'second_on' => 'date', 'person_minutes' => 'float', 'frozen' => 'array'];

    /** @return BelongsTo<Apiary, $this> */
    public function apiary(): BelongsTo
    {
        return $this->belongsTo(Apiary::class);
    }

    /** @return HasMany<ClearingSuper, $this> */
    public function items(): HasMany
    {
        return $this->hasMany(ClearingSuper::class)->orderBy('id');
    }

    /** One board a hive: a tick on any of its supers is the board's. */
    public function boardsAreOn(): bool
    {
        return $this->items->isNotEmpty() &&
            $this->items
                ->groupBy('hive_id')
                ->every(
                    fn (Collection $ofHive): bool => $ofHive->contains(
                        fn (ClearingSuper $item): bool => $item->placed_at !== null,
                    ),
                );
    }

    public function label(): string
    {
        return __('clearing plan');
    }

    public function bearsOn(): Bearing
    {
        return Bearing::on(Scope::yard($this->apiary_id));
    }
}
