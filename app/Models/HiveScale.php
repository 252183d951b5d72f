<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A scale under a hive: one that sends its readings itself, or whose files are read in.
 *
 * @property string $apiary_id
 * @property string $hive_id
 * @property string $name
 * @property string|null $token_hash  of the secret that lets it send; null where it only has files
 * @property \Carbon\CarbonImmutable|null $heard_at
 * @property int|null $clock_skew_s  how far its clock was before ours when it was last heard
 * @property Apiary $apiary
 * @property Hive $hive
 */
final class HiveScale extends Record
{
    protected $attributes = ['version' => 1, 'token_hash' => null, 'heard_at' => null, 'clock_skew_s' => null];

    protected $casts = ['heard_at' => 'immutable_datetime', 'clock_skew_s' => 'integer'];

    protected $hidden = ['token_hash'];

    /** @return BelongsTo<Apiary, $this> */
    public function apiary(): BelongsTo
    {
        return $this->belongsTo(Apiary::class);
    }

    /** @return BelongsTo<Hive, $this> */
    public function hive(): BelongsTo
    {
        return $this->belongsTo(Hive::class);
    }

    public function label(): string
    {
        return __('scale :name', ['name' => $this->name]);
    }
}
