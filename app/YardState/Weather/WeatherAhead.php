<?php

declare(strict_types=1);

namespace App\YardState\Weather;

use App\Models\Apiary;
use App\Models\WeatherDay;
use DateTimeImmutable;

/** The weather of some days at some yards: forecast or own entry where there is one, else what its climate has in that month. */
final readonly class WeatherAhead
{
    /** Climate says nothing of the rain of a day: three days in ten, common practice. */
    private const RAIN_P = 0.3;

    private const SUN = 0.5;

    /** Half of what lies between a day's least and its most. */
    private const HALF_RANGE_C = 5.0;

    /**
     * @param  list<Apiary>  $yards
     * @param  non-empty-list<string>  $dates
     * @return array<string, list<array{min_c: float, max_c: float, rain_p: float, sun: float, known: bool}>> by yard id, in the order of the dates
     */
    public static function of(array $yards, array $dates): array
    {
        $known = [];
        foreach (
            WeatherDay::query()
                ->whereIn('apiary_id', array_map(static fn (Apiary $yard): string => $yard->id, $yards))
                ->whereBetween('date', [min($dates), max($dates)])
                ->get() as $day
        ) {
            $known[$day->apiary_id][$day->date->format('Y-m-d')] = [
                'min_c' => $day->min_c,
                'max_c' => $day->max_c,
                'rain_p' => $day->rain_p,
                'sun' => $day->sun,
                'known' => true,
            ];
        }
        $skies = [];
        foreach ($yards as $yard) {
            $skies[$yard->id] = array_map(
                static fn (string $date): array => $known[$yard->id][$date] ??
                    self::ofClimate($yard, new DateTimeImmutable($date)),
                $dates,
            );
        }

        return $skies;
    }

    /** @return array{min_c: float, max_c: float, rain_p: float, sun: float, known: bool} */
    public static function ofClimate(Apiary $yard, DateTimeImmutable $date): array
    {
        $mean = (float) array_values($yard->climate)[(int) $date->format('n') - 1];

        return [
            'min_c' => $mean - self::HALF_RANGE_C,
            'max_c' => $mean + self::HALF_RANGE_C,
            'rain_p' => self::RAIN_P,
            'sun' => self::SUN,
            'known' => false,
        ];
    }

    /**
     * The mean over yards of one day; known where any of them is.
     *
     * @param  non-empty-list<array{min_c: float, max_c: float, rain_p: float, sun: float, known: bool}>  $skies
     * @return array{min_c: float, max_c: float, rain_p: float, sun: float, known: bool}
     */
    public static function mean(array $skies): array
    {
        $mean = static fn (string $key): float => round(array_sum(array_column($skies, $key)) / count($skies), 2);

        return [
            'min_c' => $mean('min_c'),
            'max_c' => $mean('max_c'),
            'rain_p' => $mean('rain_p'),
            'sun' => $mean('sun'),
            'known' => in_array(true, array_column($skies, 'known'), true),
        ];
    }
}
