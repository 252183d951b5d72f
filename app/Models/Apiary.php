<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Places\GroundDistance;
use App\Foundation\Writes\Record;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A yard: a place with stands.
 *
 * @property string $name
 * @property string $slug
 * @property string $letter
 * @property float $latitude
 * @property float $longitude
 * @property array<int, float> $climate
 * @property float $climate_sd
 * @property string|null $climate_source  a preset's key, or where the numbers are from
 * @property bool $heather
 * @property array<string, mixed>|null $policy
 * @property string|null $notes
 * @property int $position
 * @property \Illuminate\Database\Eloquent\Collection<int, Stand> $stands
 * @property \Illuminate\Database\Eloquent\Collection<int, HarvestPolicy> $harvestPolicies
 */
final class Apiary extends Record
{
    protected $attributes = [
        'version' => 1,
        'position' => 0,
        'heather' => false,
        'policy' => null,
        'notes' => null,
        'climate_sd' => 2.0,
        'climate_source' => null,
    ];

    protected $casts = [
        'latitude' => 'float',
        'longitude' => 'float',
        'climate' => 'array',
        'climate_sd' => 'float',
        'heather' => 'boolean',
        'policy' => 'array',
    ];

    /** @return HasMany<Stand, $this> */
    public function stands(): HasMany
    {
        return $this->hasMany(Stand::class)->orderBy('number');
    }

    /** @return HasMany<HarvestPolicy, $this> */
    public function harvestPolicies(): HasMany
    {
        return $this->hasMany(HarvestPolicy::class)->orderBy('starts_on');
    }

    /** Over the ground, in a straight line. */
    public function kmTo(self $other): float
    {
        return GroundDistance::km([$this->latitude, $this->longitude], [$other->latitude, $other->longitude]);
    }

    public function label(): string
    {
        return $this->name;
    }

    public function getRouteKeyName(): string
    {
        return 'slug';
    }
}
