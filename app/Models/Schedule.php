<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;
use App\Models\Casts\AsValue;
use App\Models\Casts\AsVisits;
use App\Models\Schedules\AskedRounds;
use App\Models\Schedules\ScheduleSettings;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Marjoram\Core\Rounds\RoundsQuestion;
use Marjoram\Core\Rounds\Visit;

/**
 * The rounds of some days over all yards. Several may stand side by side; one of them is taken into use.
 *
 * @property string $name
 * @property \Illuminate\Support\Carbon $starts_on
 * @property ScheduleSettings $settings
 * @property AskedRounds $question  as it was when it was asked
 * @property list<Visit> $visits
 * @property list<Visit> $locks  visits that stay
 * @property ScheduleSearch|null $search
 * @property \Illuminate\Database\Eloquent\Collection<int, Clearing> $clearings
 */
final class Schedule extends Record
{
    protected $attributes = ['version' => 1, 'visits' => '[]', 'locks' => '[]'];

    protected $casts = [
        'starts_on' => 'date',
        'settings' => AsValue::class.':'.ScheduleSettings::class,
        'question' => AsValue::class.':'.AskedRounds::class,
        'visits' => AsVisits::class,
        'locks' => AsVisits::class,
    ];

    /** @return HasMany<Clearing, $this> */
    public function clearings(): HasMany
    {
        return $this->hasMany(Clearing::class);
    }

    /** @return HasOne<ScheduleSearch, $this> */
    public function search(): HasOne
    {
        return $this->hasOne(ScheduleSearch::class);
    }

    /** The core's question, with what is locked. */
    public function toCore(): RoundsQuestion
    {
        $question = $this->question;
        $bare = $question->toCore($this->settings);
        $locks = array_values(array_filter($this->locks, $bare->knows(...)));

        return $question->toCore($this->settings, $locks);
    }

    public function label(): string
    {
        return $this->name;
    }
}
