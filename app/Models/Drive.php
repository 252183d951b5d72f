<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What a drive between two places takes, as the keeper knows it: two yards, or a yard and the honey room.
 *
 * @property string $apiary_id  the lower id of the two
 * @property string|null $other_id  the honey room where it is null
 * @property float $minutes
 * @property Apiary $apiary
 */
final class Drive extends Record
{
    protected $attributes = ['version' => 1, 'other_id' => null];

    protected $casts = ['minutes' => 'float'];

    protected static function booted(): void
    {
        parent::booted();
        self::saving(function (Drive $drive): void {
            $drive->setAttribute('home', $drive->other_id === null ? 1 : null);
        });
    }

    /** @return BelongsTo<Apiary, $this> */
    public function apiary(): BelongsTo
    {
        return $this->belongsTo(Apiary::class);
    }

    public function label(): string
    {
        return __('drive');
    }
}
