<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What a person decided about a box against or with the verdict; the verdict is frozen beside it.
 *
 * @property string $box_id
 * @property string $hive_id
 * @property string $stage
 * @property string $choice
 * @property string|null $note
 * @property array<string, mixed> $frozen
 * @property string|null $user_id
 * @property \Illuminate\Support\Carbon $decided_at
 * @property Box $box
 */
final class Decision extends Record
{
    protected $attributes = ['version' => 1, 'note' => null];

    protected $casts = ['frozen' => 'array', 'decided_at' => 'immutable_datetime'];

    /** @return BelongsTo<Box, $this> */
    public function box(): BelongsTo
    {
        return $this->belongsTo(Box::class);
    }

    public function label(): string
    {
        return __('decision');
    }

    /** take: comes off; stay: stays on the hive. */
    public const CHOICES = ['take', 'stay'];
}
