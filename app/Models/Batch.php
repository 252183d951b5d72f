<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * Honey that settles together in a tank and is jarred together; its code stands on the jars.
 *
 * @property string $code
 * @property string $tank
 * @property float $depth_cm
 * @property float $celsius
 * @property \Carbon\CarbonImmutable $poured_at
 * @property \Illuminate\Support\Carbon|null $closed_on
 * @property \Illuminate\Database\Eloquent\Collection<int, Pour> $pours
 * @property \Illuminate\Database\Eloquent\Collection<int, JarFill> $fills
 */
final class Batch extends Record
{
    protected $attributes = [
        'version' => 1,
        'tank' => '',
        'closed_on' => null,
    ];

    protected $casts = [
        'depth_cm' => 'float',
        'celsius' => 'float',
        'poured_at' => 'immutable_datetime',
        'closed_on' => 'date',
    ];

    /** @return HasMany<Pour, $this> */
    public function pours(): HasMany
    {
        return $this->hasMany(Pour::class)->orderBy('id');
    }

    /** @return HasMany<JarFill, $this> */
    public function fills(): HasMany
    {
        return $this->hasMany(JarFill::class)->orderBy('id');
    }

    public function label(): string
    {
        return __('batch :code', ['code' => $this->code]);
    }
}
