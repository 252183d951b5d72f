<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;
use App\Models\Casts\AsValue;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A super taken, or a single frame of one, with its estimated honey and its share of what the buckets weigh.
 *
 * @property string $harvest_id
 * @property string $box_id
 * @property int $slot  of the frame; 0 for a whole super
 * @property string|null $mark  written on a frame
 * @property int|null $carrier  number of the carrying box
 * @property int|null $carrier_slot
 * @property 'shaken'|'brushed'|'aside'|null $bees  how they left the frame
 * @property string $hive_id
 * @property string|null $colony_id
 * @property string|null $queen_id
 * @property float $estimate_kg
 * @property float $own_sd_kg
 * @property float|null $before_kg
 * @property float|null $after_kg
 * @property float|null $allotted_kg
 * @property float|null $allotted_sd_kg
 * @property TakenVerdict $frozen  by which it was taken
 * @property array<int, float>|null $frame_grams  weighed before spinning, by slot
 * @property Station $station
 * @property HoneyUse $used_for
 * @property float|null $used_kg  weighed, of honey that is not extracted
 * @property bool $bees_left
 * @property bool $fresh  new combs
 * @property \Carbon\CarbonImmutable|null $arrived_at
 * @property \Carbon\CarbonImmutable|null $spun_at
 * @property Box $box
 * @property Hive $hive
 * @property Harvest $harvest
 * @property \Illuminate\Database\Eloquent\Collection<int, RoomReading> $readings
 * @property \Illuminate\Database\Eloquent\Collection<int, LoadFrame> $spinning
 */
final class TakenSuper extends Record
{
    protected $attributes = [
        'version' => 1,
        'slot' => 0,
        'mark' => null,
        'carrier' => null,
        'carrier_slot' => null,
        'bees' => null,
        'before_kg' => null,
        'after_kg' => null,
        'allotted_kg' => null,
        'allotted_sd_kg' => null,
        'frozen' => null,
        'frame_grams' => null,
        'colony_id' => null,
        'queen_id' => null,
        'station' => 'awaited',
        'used_for' => 'extract',
        'used_kg' => null,
        'bees_left' => false,
        'fresh' => false,
        'arrived_at' => null,
        'spun_at' => null,
    ];

    protected $casts = [
        'estimate_kg' => 'float',
        'own_sd_kg' => 'float',
        'before_kg' => 'float',
        'after_kg' => 'float',
        'allotted_kg' => 'float',
        'allotted_sd_kg' => 'float',
        'frozen' => AsValue::class.':'.TakenVerdict::class,
        'frame_grams' => 'array',
        'station' => Station::class,
        'used_for' => HoneyUse::class,
        'used_kg' => 'float',
        'bees_left' => 'boolean',
        'fresh' => 'boolean',
        'arrived_at' => 'immutable_datetime',
        'spun_at' => 'immutable_datetime',
    ];

    /** @return BelongsTo<Harvest, $this> */
    public function harvest(): BelongsTo
    {
        return $this->belongsTo(Harvest::class);
    }

    /** @return BelongsTo<Box, $this> */
    public function box(): BelongsTo
    {
        return $this->belongsTo(Box::class);
    }

    /** @return BelongsTo<Hive, $this> */
    public function hive(): BelongsTo
    {
        return $this->belongsTo(Hive::class);
    }

    /** @return BelongsTo<Queen, $this> */
    public function queen(): BelongsTo
    {
        return $this->belongsTo(Queen::class);
    }

    /** @return HasMany<RoomReading, $this> */
    public function readings(): HasMany
    {
        return $this->hasMany(RoomReading::class)->orderBy('read_at');
    }

    /** @return HasMany<LoadFrame, $this> frames of it that were in the extractor */
    public function spinning(): HasMany
    {
        return $this->hasMany(LoadFrame::class)->orderBy('id');
    }

    public function isFrame(): bool
    {
        return $this->slot > 0;
    }

    /** Tells whether its honey goes into the buckets of its lot: not if it is missing, or used differently. */
    public function isInBuckets(): bool
    {
        return $this->used_for->isExtracted() && $this->station !== Station::Missing;
    }

    /** It has not left the honey room, nor is it missing. */
    public function isOnTheBench(): bool
    {
        return $this->station->isFull() || in_array($this->station, [Station::Awaited, Station::Spun], true);
    }

    /** How much of its honey is out of the combs, 0 to 1, by its frames that were spun. */
    public function shareOut(): float
    {
        if ($this->station->isEmptied()) {
            return 1.0;
        }
        $kg = $this->spinning
            ->filter(static fn (LoadFrame $one): bool => $one->run?->spun_at !== null)
            ->sum('honey_kg');

        return $this->estimate_kg > 0.0 ? min(0.999, (float) $kg / $this->estimate_kg) : 0.0;
    }

    /** Tells whether its last reading in the honey room was above a limit; false without a reading. */
    public function wasReadAbove(float $limitPct): bool
    {
        $last = $this->readings->last();

        return $last !== null && $last->water_pct > $limitPct + 1e-6;
    }

    /** What is written on it. */
    public function name(): string
    {
        return $this->mark ?? $this->box->mark;
    }

    /** With its hive; a frame's mark says it already. */
    public function title(): string
    {
        return $this->isFrame() ? $this->name() : $this->hive->code.' '.$this->box->mark;
    }

    public function label(): string
    {
        return $this->isFrame() ? __('frame taken') : __('super taken');
    }

    /** @return list<string> ids of the yards whose extracted supers are still in the honey room */
    public static function yardsOfWet(): array
    {
        $ids = self::query()
            ->join('harvests', 'harvests.id', '=', 'taken_supers.harvest_id')
            ->where('station', Station::Spun->value)
            ->distinct()
            ->orderBy('harvests.apiary_id')
            ->pluck('harvests.apiary_id')
            ->all();

        return array_values(array_filter($ids, is_string(...)));
    }
}
