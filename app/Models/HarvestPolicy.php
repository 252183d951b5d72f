<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;
use DateTimeInterface;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A harvest that a yard is prepared for, with its own policy where it differs from the yard's.
 *
 * @property string $apiary_id
 * @property string $name
 * @property \Illuminate\Support\Carbon $starts_on
 * @property \Illuminate\Support\Carbon $ends_on
 * @property bool $heather
 * @property array<string, mixed>|null $policy
 * @property Apiary $apiary
 */
final class HarvestPolicy extends Record
{
    protected $attributes = ['version' => 1, 'heather' => false, 'policy' => null];

    protected $casts = ['starts_on' => 'date', 'ends_on' => 'date', 'heather' => 'boolean', 'policy' => 'array'];

    /** @return BelongsTo<Apiary, $this> */
    public function apiary(): BelongsTo
    {
        return $this->belongsTo(Apiary::class);
    }

    public function holdsOn(DateTimeInterface $day): bool
    {
        $date = $day->format('Y-m-d');

        return $this->starts_on->format('Y-m-d') <= $date && $this->ends_on->format('Y-m-d') >= $date;
    }

    public function label(): string
    {
        return $this->name;
    }
}
