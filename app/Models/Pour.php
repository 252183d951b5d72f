<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Honey out of a bucket: into a batch, or away.
 *
 * @property string $bucket_id
 * @property string|null $batch_id
 * @property PourWhy $why
 * @property float $kg
 * @property \Illuminate\Support\Carbon $poured_on
 * @property Bucket $bucket
 * @property Batch|null $batch
 */
final class Pour extends Record
{
    protected $attributes = [
        'version' => 1,
        'batch_id' => null,
    ];

    protected $casts = [
        'why' => PourWhy::class,
        'kg' => 'float',
        'poured_on' => 'date',
    ];

    /** @return BelongsTo<Bucket, $this> */
    public function bucket(): BelongsTo
    {
        return $this->belongsTo(Bucket::class);
    }

    /** @return BelongsTo<Batch, $this> */
    public function batch(): BelongsTo
    {
        return $this->belongsTo(Batch::class);
    }

    public function label(): string
    {
        return __('pouring');
    }
}
