<?php

declare(strict_types=1);

namespace App\Apiary\Weather;

use App\Models\Apiary;
use App\Models\WeatherDay;
use DateTimeImmutable;
use Marjoram\Core\Clearing\DayForecast;

/** The weather of days at yards: forecast or own entry where there is one, else what the climate has in that month. */
final class WeatherAhead
{
    /** Climate says nothing of the rain of a day: three days in ten, common practice. */
    private const RAIN_P = 0.3;

    private const SUN = 0.5;

    /** Half the range between a day's minimum and maximum, °C. */
    private const HALF_RANGE_C = 5.0;

    /**
     * @param  list<Apiary>  $yards
     * @param  non-empty-list<DateTimeImmutable>  $days
     * @return array<string, non-empty-list<KnownDay>> by yard id, in the order of the days
     */
    public static function of(array $yards, array $days): array
    {
        $dates = array_map(static fn (DateTimeImmutable $day): string => $day->format('Y-m-d'), $days);
        $stored = self::stored(array_column($yards, 'id'), min($dates), max($dates));
        $ahead = [];
        foreach ($yards as $yard) {
            $known = $stored[$yard->id] ?? [];
            $of = static fn (DateTimeImmutable $day): KnownDay => isset($known[$day->format('Y-m-d')])
                ? new KnownDay($known[$day->format('Y-m-d')], true)
                : new KnownDay(self::ofClimate($yard, $day), false);
            $ahead[$yard->id] = array_map($of, $days);
        }

        return $ahead;
    }

    /**
     * What a forecast or an own entry says; days that nobody knows are left out.
     *
     * @param  list<string>  $yardIds
     * @param  string  $from  Y-m-d, as $until
     * @return array<string, array<string, DayForecast>> by yard id and date
     */
    public static function stored(array $yardIds, string $from, string $until): array
    {
        $stored = [];
        $rows = WeatherDay::query()->whereIn('apiary_id', $yardIds)->whereBetween('date', [$from, $until])->get();
        foreach ($rows as $row) {
            $stored[$row->apiary_id][$row->date->format('Y-m-d')] = $row->forecast();
        }

        return $stored;
    }

    /**
     * The days for which a yard has weather, or as many of its climate where it has none.
     *
     * @return list<KnownDay>
     */
    public static function known(Apiary $yard, DateTimeImmutable $from, int $days): array
    {
        $rows = WeatherDay::query()
            ->where('apiary_id', $yard->id)
            ->where('date', '>=', $from->format('Y-m-d'))
            ->orderBy('date')
            ->limit($days)
            ->get();
        if ($rows->isNotEmpty()) {
            return array_values($rows->map(fn (WeatherDay $day) => new KnownDay($day->forecast(), true))->all());
        }
        $presumed = static fn (int $i): KnownDay => new KnownDay(
            self::ofClimate($yard, $from->modify("+$i days")),
            false,
        );

        return array_map($presumed, range(0, $days - 1));
    }

    private static function ofClimate(Apiary $yard, DateTimeImmutable $date): DayForecast
    {
        $mean = (float) array_values($yard->climate)[(int) $date->format('n') - 1];

        return new DayForecast(
            $date,
            $mean - self::HALF_RANGE_C,
            $mean + self::HALF_RANGE_C,
            self::RAIN_P,
            self::SUN,
        );
    }
}
