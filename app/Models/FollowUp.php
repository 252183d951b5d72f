<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;
use DateTimeImmutable;
use DateTimeInterface;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What is to be done at a yard after its supers came in.
 *
 * @property string $apiary_id
 * @property string $what  space, wet-supers, supers-cleaned, moth or excluder-out
 * @property \Illuminate\Support\Carbon $due_on
 * @property \Carbon\CarbonImmutable|null $done_at
 * @property Apiary $apiary
 */
final class FollowUp extends Record
{
    /** Bees that got no space within so many days have made do, or are gone (common practice). */
    private const SPACE_DAYS = 30;

    protected $attributes = ['version' => 1, 'done_at' => null, 'harvest_id' => null];

    protected $casts = ['due_on' => 'date', 'done_at' => 'immutable_datetime'];

    /** @return BelongsTo<Apiary, $this> */
    public function apiary(): BelongsTo
    {
        return $this->belongsTo(Apiary::class);
    }

    /**
     * Those that nobody said are done.
     *
     * @param  DateTimeInterface  $since  none that was due before that: its season is over
     * @return Builder<self>
     */
    public static function pending(DateTimeInterface $since): Builder
    {
        return self::query()
            ->whereNull('done_at')
            ->where('due_on', '>=', $since->format('Y-m-d'))
            ->orderBy('due_on')
            ->orderBy('id');
    }

    /**
     * Those that are to be done: wet supers while there are any, space for the bees in the weeks after the harvest.
     *
     * @return Builder<self>
     */
    public static function open(DateTimeInterface $since, DateTimeImmutable $today): Builder
    {
        $lapsed = $today->modify('-'.self::SPACE_DAYS.' days')->format('Y-m-d');

        return self::pending($since)
            ->where(static fn (Builder $one) => $one
                ->where('what', '!=', 'wet-supers')
                ->orWhereIn('apiary_id', TakenSuper::yardsOfWet()))
            ->where(static fn (Builder $one) => $one->where('what', '!=', 'space')->orWhere('due_on', '>=', $lapsed));
    }

    public function words(): string
    {
        return match ($this->what) {
            'space' => __('give the bees space, or reduce them to their winter boxes'),
            'wet-supers' => __(
                'wet supers back to their own hives (healthy colonies only; if in doubt ask the bee inspector)',
            ),
            'supers-cleaned' => __('fetch the cleaned supers, before robbing starts'),
            'moth' => __('check the stored supers for wax moth and ants'),
            'excluder-out' => __('queen excluders out before winter'),
            default => $this->what,
        };
    }

    public function label(): string
    {
        return __('follow-up');
    }
}
