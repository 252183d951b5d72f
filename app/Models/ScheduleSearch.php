<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsVisits;
use Illuminate\Database\Eloquent\Model;
use Marjoram\Core\Rounds\Visit;

/**
 * Progress of the search for a schedule; no record, since it is overwritten all the time.
 *
 * @property string $schedule_id
 * @property SearchState $state
 * @property int $iterations
 * @property float|null $best_min
 * @property string|null $reason  why it failed, in words
 * @property list<Visit> $visits  the best so far
 */
final class ScheduleSearch extends Model
{
    public $incrementing = false;

    protected $primaryKey = 'schedule_id';

    protected $keyType = 'string';

    protected $guarded = [];

    protected $attributes = ['iterations' => 0, 'best_min' => null, 'visits' => null, 'reason' => null];

    protected $casts = [
        'state' => SearchState::class,
        'iterations' => 'integer',
        'best_min' => 'float',
        'visits' => AsVisits::class,
    ];
}
