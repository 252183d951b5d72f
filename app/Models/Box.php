<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;

/**
 * One piece of kit of a box kind, in a hive's stack or in store.
 *
 * @property string $kind
 * @property int|null $frames_fitted
 * @property int|null $combs_drawn_at  frames that stood in it when its combs were drawn; null: as many as now
 * @property string $mark
 * @property BoxPlace|null $place
 */
final class Box extends Record
{
    protected $attributes = ['version' => 1, 'frames_fitted' => null, 'combs_drawn_at' => null];

    /** @return HasOne<BoxPlace, $this> */
    public function place(): HasOne
    {
        return $this->hasOne(BoxPlace::class)->whereNull('until');
    }

    /** @return HasMany<BoxPlace, $this> */
    public function history(): HasMany
    {
        return $this->hasMany(BoxPlace::class)->orderByDesc('since');
    }

    /** @return HasMany<Assessment, $this> */
    public function assessments(): HasMany
    {
        return $this->hasMany(Assessment::class)->orderByDesc('looked_at');
    }

    public function label(): string
    {
        return __('box :mark', ['mark' => $this->mark]);
    }
}
