<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;
use App\Models\Casts\AsFace;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Marjoram\Core\Comb\Face;

/**
 * A frame that went to another slot, out of the hives, or back, with its honey as inspected or estimated.
 *
 * @property FrameWhy $why
 * @property \Illuminate\Support\Carbon $moved_on
 * @property string $made_at  to the microsecond
 * @property string|null $from_hive_id
 * @property string|null $from_box_id  null where it came out of store or the honey room
 * @property int|null $from_slot
 * @property string|null $to_hive_id
 * @property string|null $to_box_id  null where it left the hives
 * @property int|null $to_slot
 * @property Face $a
 * @property Face $b
 * @property bool $seen  its faces were seen, not presumed
 * @property string|null $taken_super_id
 * @property string|null $kind  of box that it fits
 * @property string|null $comb  what was noted of its comb: new, wired, without foundation, damaged
 * @property int|null $comb_year  in which it was drawn
 * @property Hive|null $from
 * @property Hive|null $to
 * @property Box|null $fromBox
 * @property Box|null $toBox
 */
final class FrameMove extends Record
{
    protected $attributes = [
        'version' => 1,
        'from_hive_id' => null,
        'from_box_id' => null,
        'from_slot' => null,
        'to_hive_id' => null,
        'to_box_id' => null,
        'to_slot' => null,
        'seen' => true,
        'taken_super_id' => null,
        'kind' => null,
        'comb' => null,
        'comb_year' => null,
    ];

    protected $casts = [
        'why' => FrameWhy::class,
        'moved_on' => 'date',
        'seen' => 'boolean',
        'a' => AsFace::class,
        'b' => AsFace::class,
    ];

    protected static function booted(): void
    {
        parent::booted();
        self::creating(static function (FrameMove $move): void {
            $move->made_at ??= now()->utc()->format('Y-m-d H:i:s.u');
        });
    }

    /** @return BelongsTo<Hive, $this> */
    public function from(): BelongsTo
    {
        return $this->belongsTo(Hive::class, 'from_hive_id');
    }

    /** @return BelongsTo<Hive, $this> */
    public function to(): BelongsTo
    {
        return $this->belongsTo(Hive::class, 'to_hive_id');
    }

    /** @return BelongsTo<Box, $this> */
    public function fromBox(): BelongsTo
    {
        return $this->belongsTo(Box::class);
    }

    /** @return BelongsTo<Box, $this> */
    public function toBox(): BelongsTo
    {
        return $this->belongsTo(Box::class);
    }

    public function label(): string
    {
        return __('move of a frame');
    }
}
