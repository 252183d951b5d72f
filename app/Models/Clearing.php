<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;
use App\Models\Casts\AsValue;
use Carbon\CarbonInterface;
use DateTimeInterface;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Marjoram\Core\Clearing\Method;

/**
 * How and when the bees leave the supers of one yard.
 *
 * @property string $apiary_id
 * @property Method $method
 * @property string|null $schedule_id
 * @property \Illuminate\Support\Carbon $first_on
 * @property \Illuminate\Support\Carbon|null $second_on
 * @property float $person_minutes
 * @property ClearingState $state
 * @property FrozenClearing $frozen
 * @property \Illuminate\Database\Eloquent\Collection<int, ClearingSuper> $items
 * @property Apiary $apiary
 */
final class Clearing extends Record
{
    protected $attributes = ['version' => 1, 'second_on' => null, 'state' => 'planned'];

    protected $casts = [
        'first_on' => 'date',
        'second_on' => 'date',
        'person_minutes' => 'float',
        'method' => Method::class,
        'state' => ClearingState::class,
        'frozen' => AsValue::class.':'.FrozenClearing::class,
    ];

    /** @return BelongsTo<Apiary, $this> */
    public function apiary(): BelongsTo
    {
        return $this->belongsTo(Apiary::class);
    }

    /** @return HasMany<ClearingSuper, $this> */
    public function items(): HasMany
    {
        return $this->hasMany(ClearingSuper::class)->orderBy('id');
    }

    /**
     * Those that are not in the honey room yet.
     *
     * @param  ?DateTimeInterface  $since  none whose days are before that: its season is over
     * @return Builder<self>
     */
    public static function open(?DateTimeInterface $since = null): Builder
    {
        return self::query()
            ->where('state', '!=', ClearingState::Collected->value)
            ->when($since !== null, static fn (Builder $of) => $of->where(
                DB::raw('coalesce(second_on, first_on)'),
                '>=',
                $since?->format('Y-m-d'),
            ));
    }

    /**
     * Those that are worked on a day.
     *
     * @param  string  $date  Y-m-d
     * @return Builder<self>
     */
    public static function workedOn(string $date): Builder
    {
        return self::query()->where(
            static fn (Builder $that) => $that->whereDate('first_on', $date)->orWhereDate('second_on', $date),
        );
    }

    /** One board a hive: a tick on any of its supers is the board's. */
    public function boardsAreOn(): bool
    {
        return $this->items->isNotEmpty() && $this->items->groupBy('hive_id')->every(self::hasBoard(...));
    }

    /** A board is on some hive: nobody may forget it there. */
    public function hasBoardOn(): bool
    {
        return ! $this->isCollected() && ($this->state === ClearingState::Placed || self::hasBoard($this->items));
    }

    /** @param  Collection<int, ClearingSuper>  $ofHive */
    public static function hasBoard(Collection $ofHive): bool
    {
        return $ofHive->contains(fn (ClearingSuper $item): bool => $item->placed_at !== null);
    }

    public function isCollected(): bool
    {
        return $this->state === ClearingState::Collected;
    }

    /**
     * Ends the clearing: its supers came in or stay. Its days become the ones on which work was done.
     *
     * @param  string  $day  Y-m-d
     */
    public function finishOn(string $day): void
    {
        $this->update(['state' => ClearingState::Collected] + ($this->second_on === null
            ? ['first_on' => $day]
            : ['second_on' => $day, 'first_on' => min($day, $this->first_on->format('Y-m-d'))]));
    }

    /**
     * Tells whether boards go on on this day; otherwise supers come in.
     *
     * @param  string  $day  Y-m-d
     */
    public function places(string $day): bool
    {
        return $this->second_on !== null && $this->first_on->format('Y-m-d') === $day;
    }

    /**
     * Marks everything planned for this day as done.
     *
     * @param  string  $day  Y-m-d
     */
    public function isFinishedOn(string $day): bool
    {
        return $this->isCollected() || ($this->places($day) && $this->state === ClearingState::Placed);
    }

    /** Returns its state by its boards: the last one put on, or the first one taken off, changes it. */
    public function stateByBoards(): ClearingState
    {
        return $this->boardsAreOn() ? ClearingState::Placed : ClearingState::Planned;
    }

    /** @return list<string> Y-m-d, one or two, on which it is worked */
    public function days(): array
    {
        $days = array_filter([$this->first_on->format('Y-m-d'), $this->second_on?->format('Y-m-d')]);

        return array_values(array_unique($days));
    }

    /** The day on which its supers come in. */
    public function inOn(): CarbonInterface
    {
        return $this->second_on ?? $this->first_on;
    }

    public function label(): string
    {
        return __('clearing');
    }
}
