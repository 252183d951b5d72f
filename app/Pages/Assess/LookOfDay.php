<?php

declare(strict_types=1);

namespace App\Pages\Assess;

use App\Apiary\Operation\CurrentOperation;
use App\Models\Assessment;
use App\Models\Box;
use App\Models\BoxPlace;
use App\Models\Decision;
use App\Models\Eye;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\ValidationException;

/** The look at a box on a day, the operation's own or one before it (from a paper note): found, or begun. */
final readonly class LookOfDay
{
    public function __construct(private CurrentOperation $current)
    {
    }

    /** @throws ValidationException when the box stood on no hive that day */
    public function of(Box $box, ?string $day = null): Assessment
    {
        $on = $this->day($day);
        $hive = $this->place($box, $on)->hive_id;
        $look = self::looks($box, $hive, $on)->first();
        if ($look !== null) {
            $this->decideAnew($look);

            return $look;
        }
        try {
            return $this->begin($box, $hive, $on);
        } catch (UniqueConstraintViolationException) {
            // Another request has created it meanwhile: read what is saved now, not this transaction's snapshot.
            return self::looks($box, $hive, $on)->lockForUpdate()->firstOrFail();
        }
    }

    /** An inspection later on the same day: an earlier decision held until then. */
    private function decideAnew(Assessment $look): void
    {
        $zone = $this->current->today()->getTimezone();
        $end = new DateTimeImmutable($look->looked_on->format('Y-m-d').' +1 day', $zone);
        Decision::query()
            ->where('box_id', $look->box_id)
            ->where('hive_id', $look->hive_id)
            ->whereIn('stage', ['assess', 'winter'])
            ->where('decided_at', '>=', $look->looked_at)
            ->where('decided_at', '<', $end->setTimezone(new DateTimeZone('UTC')))
            ->get()
            ->each(static fn (Decision $decision): ?bool => $decision->delete());
    }

    private function begin(Box $box, string $hive, DateTimeImmutable $on): Assessment
    {
        $isToday = $on->format('Y-m-d') === $this->current->day();
        $at = $isToday ? $this->current->now() : $on->setTime(12, 0);
        $eye = Eye::query()->where('user_id', Auth::id())->first();

        return Assessment::query()->create([
            'hive_id' => $hive,
            'box_id' => $box->id,
            'user_id' => Auth::id(),
            'looked_on' => $on->format('Y-m-d'),
            'looked_at' => $at->setTimezone(new DateTimeZone('UTC')),
            'eye' => $eye === null ? null : ['offset' => $eye->offset, 'slope' => $eye->slope],
        ]);
    }

    /** @return Builder<Assessment> */
    private static function looks(Box $box, string $hive, DateTimeImmutable $on): Builder
    {
        return Assessment::query()
            ->where('box_id', $box->id)
            ->where('hive_id', $hive)
            ->where('looked_on', $on->format('Y-m-d'));
    }

    /** @throws ValidationException when the day has not come */
    public function day(?string $day): DateTimeImmutable
    {
        $today = $this->current->today();
        $on = $day === null || $day === '' ? $today : new DateTimeImmutable($day, $today->getTimezone());
        if ($on > $today) {
            throw ValidationException::withMessages([
                'seen_on' => __('An inspection cannot be dated after today, :day.', ['day' => $today->format('Y-m-d')]),
            ]);
        }

        return $on;
    }

    /** The newest look at the box before this day, on the same hive. */
    public function before(Box $box, ?string $day = null): ?Assessment
    {
        $on = $this->day($day);
        $place = $this->place($box, $on);

        return Assessment::query()
            ->where('box_id', $box->id)
            ->where('hive_id', $place->hive_id)
            ->where('looked_at', '>=', $place->since->format('Y-m-d'))
            ->where('looked_at', '<', $on->setTimezone(new DateTimeZone('UTC')))
            ->latest('looked_at')
            ->latest('id')
            ->with('frames')
            ->first();
    }

    private function place(Box $box, DateTimeImmutable $on): BoxPlace
    {
        $date = $on->format('Y-m-d');
        // A hive that is in the bin is named as well.
        $places = BoxPlace::query()
            ->where('box_id', $box->id)
            ->with(['hive' => static fn ($hive) => $hive->withoutGlobalScope(SoftDeletingScope::class)])
            ->orderByDesc('since')
            ->get();
        $then = $places->first(
            fn (BoxPlace $place): bool => $place->since->format('Y-m-d') <= $date &&
                ($place->until === null || $place->until->format('Y-m-d') >= $date),
        );
        if ($then?->hive->trashed() === true) {
            throw ValidationException::withMessages(['seen_on' => __(
                'Hive :hive was removed. Restore it from the bin first.',
                ['hive' => $then->hive->code],
            )]);
        }
        if ($then !== null) {
            return $then;
        }
        $left = $places->first(
            fn (BoxPlace $place): bool => $place->until !== null && $place->until->format('Y-m-d') < $date,
        );
        $came = $places->last();
        throw ValidationException::withMessages([
            'seen_on' => match (true) {
                $left?->until !== null => __(
                    'Box :mark left hive :hive on :day, before :date. Correct the date, or put the box back first.',
                    [
                        'mark' => $box->mark,
                        'hive' => $left->hive->code,
                        'day' => $left->until->format('Y-m-d'),
                        'date' => $date,
                    ],
                ),
                $came !== null => __('Box :mark came onto hive :hive on :day, after :date. Correct the date.', [
                    'mark' => $box->mark,
                    'hive' => $came->hive->code,
                    'day' => $came->since->format('Y-m-d'),
                    'date' => $date,
                ]),
                default => __('Box :mark is in store and was never on a hive. Put it on a hive first.', [
                    'mark' => $box->mark,
                ]),
            },
        ]);
    }
}
