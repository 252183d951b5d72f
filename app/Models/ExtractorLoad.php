<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * Frames together in the extractor, and how far they are spun.
 *
 * @property int $number
 * @property int $slots
 * @property float $celsius
 * @property float $water_pct
 * @property \Carbon\CarbonImmutable $loaded_at
 * @property int|null $step  that runs, from 0; null before the first
 * @property \Carbon\CarbonImmutable|null $step_at
 * @property \Carbon\CarbonImmutable|null $spun_at
 * @property \Illuminate\Database\Eloquent\Collection<int, LoadFrame> $frames
 */
final class ExtractorLoad extends Record
{
    protected $attributes = [
        'version' => 1,
        'step' => null,
        'step_at' => null,
        'spun_at' => null,
    ];

    protected $casts = [
        'celsius' => 'float',
        'water_pct' => 'float',
        'loaded_at' => 'immutable_datetime',
        'step_at' => 'immutable_datetime',
        'spun_at' => 'immutable_datetime',
    ];

    /** @return HasMany<LoadFrame, $this> */
    public function frames(): HasMany
    {
        return $this->hasMany(LoadFrame::class)->orderBy('slot');
    }

    public function label(): string
    {
        return __('load :n of the extractor', ['n' => $this->number]);
    }
}
