<?php

declare(strict_types=1);

namespace App\Apiary\Harvest;

use App\Foundation\Places\SeasonCalendar;
use App\Models\Apiary;
use App\Models\Harvest;
use App\Models\Lot;
use App\Models\TakenSuper;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;

/** Opens a harvest of a yard with its lot, for what came in on a day. */
final class NewHarvest
{
    public function open(Apiary $apiary, DateTimeImmutable $on): Lot
    {
        $season = SeasonCalendar::seasonOf($on, $apiary->latitude < 0);
        $number = Harvest::query()->where('season', $season)->where('apiary_id', $apiary->id)->count() + 1;
        $harvest = Harvest::query()->create([
            'apiary_id' => $apiary->id,
            'season' => $season,
            'name' => __(':yard, harvest :n of :season', [
                'yard' => $apiary->name,
                'n' => $number,
                'season' => $season,
            ]),
            'taken_on' => $on->format('Y-m-d'),
        ]);
        $lot = Lot::query()->create([
            'harvest_id' => $harvest->id,
            'code' => self::code($apiary, $season, $number),
        ]);

        return $lot->setRelation('harvest', $harvest);
    }

    /** The harvest that came in from this yard on this day and is not weighed yet; else a new one. */
    public function ofDay(Apiary $apiary, DateTimeImmutable $on): Lot
    {
        return self::begun($apiary, $on)->lockForUpdate()->first() ?? $this->open($apiary, $on);
    }

    /** @return Collection<int, TakenSuper> frames that were taken into the harvest of a day so far */
    public function framesOn(Apiary $apiary, DateTimeImmutable $on): Collection
    {
        return self::begun($apiary, $on)->first()?->harvest->frames()->get() ?? new Collection;
    }

    /** @return Builder<Lot> */
    private static function begun(Apiary $apiary, DateTimeImmutable $on): Builder
    {
        return Lot::query()
            ->whereDoesntHave('buckets')
            ->whereHas('harvest', static fn ($harvest) => $harvest
                ->where('apiary_id', $apiary->id)
                ->whereDate('taken_on', $on->format('Y-m-d')))
            ->with('harvest')
            ->latest('id');
    }

    /** The next that no lot has. */
    private static function code(Apiary $apiary, int $season, int $number): string
    {
        do {
            $code = sprintf('L%02d-%s%d', $season % 100, $apiary->letter, $number++);
        } while (Lot::query()->where('code', $code)->exists());

        return $code;
    }
}
