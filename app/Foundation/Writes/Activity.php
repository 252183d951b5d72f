<?php

declare(strict_types=1);

namespace App\Foundation\Writes;

use App\Foundation\Access\Tenant;
use Illuminate\Database\Eloquent\Builder;
use Spatie\Activitylog\Models\Activity as BaseActivity;

/**
 * A line of the audit trail: what was changed, by whom, from what to what. Undo reads it backwards.
 *
 * @property string|null $operation_id
 * @property \Illuminate\Support\Carbon|null $undone_at
 */
class Activity extends BaseActivity
{
    protected $casts = ['properties' => 'collection', 'undone_at' => 'immutable_datetime'];

    protected static function booted(): void
    {
        static::creating(function (Activity $activity): void {
            $activity->setAttribute('operation_id', app(Tenant::class)->id());
        });
    }

    /** @return Builder<self> */
    public static function ofThisOperation(): Builder
    {
        /** @var Builder<self> $query */
        $query = self::query();

        return $query->where('operation_id', app(Tenant::class)->id());
    }
}
