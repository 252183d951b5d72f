<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasOne;

/**
 * A numbered place in a yard.
 *
 * @property string $apiary_id
 * @property int $number
 * @property Apiary $apiary
 * @property Hive|null $hive
 */
final class Stand extends Record
{
    /** @return BelongsTo<Apiary, $this> */
    public function apiary(): BelongsTo
    {
        return $this->belongsTo(Apiary::class);
    }

    /** @return HasOne<Hive, $this> */
    public function hive(): HasOne
    {
        return $this->hasOne(Hive::class);
    }

    public function label(): string
    {
        return __('stand :n', ['n' => $this->number]);
    }
}
