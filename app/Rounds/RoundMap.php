<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Models\Schedule;
use DateTimeImmutable;
use Marjoram\Core\Rounds\RoundsQuestion;
use Marjoram\Core\Rounds\Sky;
use Marjoram\Core\Rounds\Travel;
use Marjoram\Core\Rounds\Visit;
use Marjoram\Core\Rounds\Way;
use Marjoram\Core\Rounds\WorkDay;
use Marjoram\Core\Rounds\YardToFetch;

/**
 * Between a plan as it is kept and the core's values.
 *
 * @phpstan-type Stored array{yard: string, hives: int, way: string, first: string, last: string}
 */
final class RoundMap
{
    public static function task(Schedule $round): RoundsQuestion
    {
        $settings = $round->settings;
        $number = static fn (mixed $value): float => is_numeric($value) ? (float) $value : 0.0;
        $days = array_map(
            static fn (array $day): WorkDay => new WorkDay(
                new DateTimeImmutable((string) $day['date']),
                $number($day['crew_min']),
                $number($day['min_c']),
                $number($day['max_c']),
                $number($day['rain_p']),
                (bool) $day['dearth'],
                $number($day['extract_supers']),
            ),
            $round->task['days'],
        );
        $yards = array_map(
            static fn (array $yard): YardToFetch => new YardToFetch(
                (string) $yard['name'],
                (int) $number($yard['hives']),
                $number($yard['supers']),
                new DateTimeImmutable((string) $yard['ready']),
                new DateTimeImmutable((string) $yard['deadline']),
                array_values(array_map(Way::from(...), (array) $yard['ways'])),
                array_map(
                    static fn (array $sky): Sky => new Sky($number($sky[0]), $number($sky[1]), (bool) $sky[2]),
                    (array) ($yard['skies'] ?? []),
                ),
            ),
            $round->task['yards'],
        );
        $kit = $round->task['kit'];

        return new RoundsQuestion(
            $days,
            $yards,
            Travel::of($round->task['travel'], count($yards) + 1),
            (int) $number($kit['escape_boards']),
            (int) $number($kit['fume_boards']),
            (bool) $kit['blower'],
            $number($settings['truck_supers'] ?? 60),
            $number($settings['hold_supers'] ?? 90),
            $number($settings['held_supers'] ?? 0),
            (bool) ($settings['split'] ?? false),
            locks: self::services($round, $round->locks),
        );
    }

    public static function dayOf(Schedule $round, string $date): ?int
    {
        $found = array_search($date, array_column($round->task['days'], 'date'), true);

        return is_int($found) ? $found : null;
    }

    /**
     * @param  list<Stored>  $stored
     * @return list<Visit> those of yards and days that the plan has
     */
    public static function services(Schedule $round, array $stored): array
    {
        $ids = array_column($round->task['yards'], 'id');
        $services = [];
        foreach ($stored as $one) {
            $yard = array_search($one['yard'], $ids, true);
            [$first, $last] = [self::dayOf($round, $one['first']), self::dayOf($round, $one['last'])];
            if (is_int($yard) && $first !== null && $last !== null) {
                $services[] = new Visit($yard, $one['hives'], Way::from($one['way']), $first, $last);
            }
        }

        return $services;
    }

    /**
     * Of what was planned, what the yards and days of the plan still have.
     *
     * @param  list<Stored>  $stored
     * @return list<Stored>
     */
    public static function still(Schedule $round, array $stored): array
    {
        $left = array_column($round->task['yards'], 'hives', 'id');
        $kept = [];
        foreach ($stored as $one) {
            if (self::services($round, [$one]) !== [] && $one['hives'] <= $left[$one['yard']]) {
                $left[$one['yard']] -= $one['hives'];
                $kept[] = $one;
            }
        }

        return $kept;
    }

    /**
     * @param  list<Visit>  $services
     * @return list<Stored>
     */
    public static function stored(Schedule $round, array $services): array
    {
        return array_map(
            static fn (Visit $one): array => [
                'yard' => (string) $round->task['yards'][$one->yard]['id'],
                'hives' => $one->hives,
                'way' => $one->way->value,
                'first' => (string) $round->task['days'][$one->first]['date'],
                'last' => (string) $round->task['days'][$one->last]['date'],
            ],
            $services,
        );
    }
}
