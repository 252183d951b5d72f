<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A file of readings that was read in; its readings count as long as it is not in the bin.
 *
 * @property string $hive_scale_id
 * @property string $file_name
 * @property int $readings
 * @property \Carbon\CarbonImmutable $first_at
 * @property \Carbon\CarbonImmutable $last_at
 * @property HiveScale $scale
 */
final class ScaleImport extends Record
{
    protected $casts = [
        'readings' => 'integer',
        'first_at' => 'immutable_datetime',
        'last_at' => 'immutable_datetime',
    ];

    /** @return BelongsTo<HiveScale, $this> */
    public function scale(): BelongsTo
    {
        return $this->belongsTo(HiveScale::class, 'hive_scale_id');
    }

    public function label(): string
    {
        return __('readings of :file', ['file' => $this->file_name]);
    }
}
