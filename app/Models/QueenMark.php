<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * The keeper's plan for a queen.
 *
 * @property string $queen_id
 * @property MarkKind $mark
 * @property string $reason
 * @property int $daughters  to be raised from her next season
 * @property Queen $queen
 */
final class QueenMark extends Record
{
    protected $attributes = ['version' => 1, 'reason' => '', 'daughters' => 0];

    protected $casts = ['mark' => MarkKind::class, 'daughters' => 'integer'];

    /** @return BelongsTo<Queen, $this> */
    public function queen(): BelongsTo
    {
        return $this->belongsTo(Queen::class);
    }

    public function label(): string
    {
        return __('plan for a queen');
    }
}
