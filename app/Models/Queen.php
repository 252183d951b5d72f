<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasOne;

/**
 * A queen with her year, line and mother.
 *
 * @property string $code
 * @property string $line
 * @property int $year
 * @property string|null $mother_id
 * @property string|null $notes
 * @property Queen|null $mother
 * @property QueenMark|null $mark
 */
final class Queen extends Record
{
    protected $attributes = ['version' => 1, 'mother_id' => null, 'notes' => null];

    /** @return BelongsTo<Queen, $this> */
    public function mother(): BelongsTo
    {
        return $this->belongsTo(Queen::class);
    }

    /** @return HasOne<QueenMark, $this> */
    public function mark(): HasOne
    {
        return $this->hasOne(QueenMark::class);
    }

    public function label(): string
    {
        return __('queen :code', ['code' => $this->code]);
    }
}
