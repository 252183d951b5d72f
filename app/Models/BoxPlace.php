<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Where a box was, from when until when; position 0 stands on the floor.
 *
 * @property string $box_id
 * @property string $hive_id
 * @property int $position
 * @property string $role
 * @property 'empty'|'drawn'|'filled'|null $put_on  how it was put on, where somebody said
 * @property \Illuminate\Support\Carbon $since
 * @property \Illuminate\Support\Carbon|null $until
 * @property Box $box
 * @property Hive $hive
 */
final class BoxPlace extends Record
{
    protected $attributes = ['version' => 1, 'until' => null, 'put_on' => null];

    public const PUT_ON = ['empty', 'drawn', 'filled'];

    protected $casts = ['since' => 'date', 'until' => 'date'];

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

    public function label(): string
    {
        return __('place of a box');
    }
}
