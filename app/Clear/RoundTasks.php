<?php

declare(strict_types=1);

namespace App\Clear;

use App\Assess\BoxState;
use App\Assess\YardReader;
use App\Assess\YardState;
use App\Models\Apiary;
use App\Models\Round;
use App\Support\CurrentOperation;
use App\Support\PolicyBook;
use DateTimeImmutable;
use Marjoram\Core\Clearing\DayForecast;
use Marjoram\Core\Ripeness\Flow;
use Marjoram\Core\Rounds\RoundDay;
use Marjoram\Core\Rounds\RoundTask;
use Marjoram\Core\Rounds\RoundYard;
use Marjoram\Core\Rounds\Service;
use Marjoram\Core\Rounds\Travel;
use Marjoram\Core\Rounds\Way;

/** Maps what comes off all yards to the core's question about rounds, and keeps it with the round as it was asked. */
final readonly class RoundTasks
{
    /** Country roads: so much longer than the bird flies, so fast, and so long to park and gate. */
    private const DETOUR = 1.3;

    private const KM_PER_HOUR = 50.0;

    private const STOP_MIN = 3.0;

    public function __construct(private CurrentOperation $current, private YardReader $yards, private ClearReader $clear)
    {
    }

    /**
     * @param  array{days: int, crew_min: list<int>, truck_supers: int, hold_supers: int, held_supers: int, extract_supers: int, split: bool, days_off?: list<string>}  $settings  crew_min by weekday, Monday first
     * @return array{days: list<array<string, mixed>>, yards: list<array<string, mixed>>, travel: list<list<float>>, kit: array<string, mixed>, depot: array{float, float}}
     */
    public function ask(array $settings): array
    {
        $states = $this->yards->all();
        $yards = $places = [];
        $forecasts = [];
        $dearth = false;
        foreach ($states as $state) {
            $clearing = $this->clear->read($state);
            $forecasts[] = $clearing->forecast;
            $dearth = $dearth || $state->flow->forRipeness() === Flow::Over;
            if ($clearing->coming !== []) {
                $yards[] = $this->yard($state, $clearing, $settings['days']);
                $places[] = $state->apiary;
            }
        }
        $operation = $this->current->get();
        $kit = $operation->kit ?? [];

        return ['days' => $this->days($forecasts, $settings, $dearth), 'yards' => $yards, 'travel' => self::travel($places, $this->depot()), 'depot' => $this->depot(),
            'kit' => ['escape_boards' => $kit['escape_boards'] ?? 0, 'fume_boards' => $kit['fume_boards'] ?? 0, 'blower' => $kit['blower'] ?? false]];
    }

    /** @return array<string, mixed> */
    private function yard(YardState $state, YardClearing $clearing, int $days): array
    {
        $brood = array_filter($clearing->supers(), static fn (BoxState $box): bool => array_filter($box->look->frames, static fn ($frame): bool => $frame->hasBrood()) !== []);
        $preferred = PolicyBook::at($this->current, $state->apiary)->text('clearing');
        $ways = Methods::ways($preferred);
        if ($brood !== []) {
            // Bees leave neither by a board nor by fumes where there is brood above.
            $ways = array_values(array_filter($ways, static fn (Way $way): bool => $way === Way::Brush || $way === Way::Blower)) ?: [Way::Brush];
        }
        $first = $this->firstDay();
        $last = $first->modify('+'.($days - 1).' days');
        $deadline = $clearing->offBy === null ? $last : max($first, new DateTimeImmutable($clearing->offBy->format('Y-m-d')));

        return ['id' => $state->apiary->id, 'name' => $state->apiary->name, 'slug' => $state->apiary->slug, 'letter' => $state->apiary->letter, 'latitude' => $state->apiary->latitude, 'longitude' => $state->apiary->longitude,
            'hives' => count($clearing->coming), 'supers' => count($clearing->supers()), 'kg' => round($clearing->kg(), 1), 'boxes' => array_map(static fn (BoxState $box): string => $box->box->id, $clearing->supers()),
            'ready' => $first->format('Y-m-d'), 'deadline' => $deadline->format('Y-m-d'), 'treatment' => $clearing->offBy?->format('Y-m-d'), 'ways' => array_map(static fn (Way $way): string => $way->value, $ways)];
    }

    private function firstDay(): DateTimeImmutable
    {
        $today = new DateTimeImmutable($this->current->today()->format('Y-m-d'));

        return (int) $this->current->now()->format('G') >= 12 ? $today->modify('+1 day') : $today;
    }

    /**
     * One sky over all yards: their forecasts' mean, and beyond them the last one's climate.
     *
     * @param  list<list<DayForecast>>  $forecasts
     * @param  array{days: int, crew_min: list<int>, extract_supers: int, days_off?: list<string>}  $settings
     * @return list<array<string, mixed>>
     */
    private function days(array $forecasts, array $settings, bool $dearth): array
    {
        $byDate = [];
        foreach ($forecasts as $forecast) {
            foreach ($forecast as $day) {
                $byDate[$day->date->format('Y-m-d')][] = $day;
            }
        }
        $days = [];
        $first = $this->firstDay();
        for ($i = 0; $i < $settings['days']; $i++) {
            $date = $first->modify("+$i days");
            $known = $byDate[$date->format('Y-m-d')] ?? null;
            $mean = static fn (callable $of, float $else): float => $known === null ? $else : round(array_sum(array_map($of, $known)) / count($known), 2);
            $crew = in_array($date->format('Y-m-d'), $settings['days_off'] ?? [], true) ? 0 : ($settings['crew_min'][(int) $date->format('N') - 1] ?? 0);
            $days[] = ['date' => $date->format('Y-m-d'), 'crew_min' => $crew, 'min_c' => $mean(static fn (DayForecast $d): float => $d->minC, 11.0), 'max_c' => $mean(static fn (DayForecast $d): float => $d->maxC, 20.0),
                'rain_p' => $mean(static fn (DayForecast $d): float => $d->rainP, 0.3), 'sun' => $mean(static fn (DayForecast $d): float => $d->sun, 0.5), 'dearth' => $dearth, 'extract_supers' => $crew > 0 ? $settings['extract_supers'] : 0, 'presumed' => $known === null];
        }

        return $days;
    }

    /**
     * @param  list<Apiary>  $places
     * @param  array{float, float}  $depot  latitude and longitude
     * @return list<list<float>> minutes, the honey room first
     */
    public static function travel(array $places, array $depot): array
    {
        $at = [$depot];
        foreach ($places as $place) {
            $at[] = [$place->latitude, $place->longitude];
        }

        return array_map(static fn (array $p): array => array_map(static fn (array $q): float => $p === $q ? 0.0 : round(self::km($p, $q) * self::DETOUR / self::KM_PER_HOUR * 60.0 + self::STOP_MIN, 1), $at), $at);
    }

    /**
     * Where the drives begin: the honey room, or amid all yards where its place is not known.
     *
     * @return array{float, float}
     */
    public function depot(): array
    {
        $operation = $this->current->get();
        if ($operation->longitude !== null) {
            return [$operation->latitude, $operation->longitude];
        }
        $yards = $this->yards->apiaries();

        return [(float) $yards->avg('latitude'), (float) $yards->avg('longitude')];
    }

    /**
     * @param  array{float, float}  $p
     * @param  array{float, float}  $q
     */
    private static function km(array $p, array $q): float
    {
        return hypot(($p[0] - $q[0]) * 111.2, ($p[1] - $q[1]) * 111.2 * cos(deg2rad($p[0])));
    }

    public static function task(Round $round): RoundTask
    {
        $settings = $round->settings;
        $number = static fn (mixed $value): float => is_numeric($value) ? (float) $value : 0.0;
        $days = array_map(static fn (array $day): RoundDay => new RoundDay(new DateTimeImmutable((string) $day['date']), $number($day['crew_min']), $number($day['min_c']), $number($day['max_c']), $number($day['rain_p']), (bool) $day['dearth'], $number($day['extract_supers'])), $round->task['days']);
        $yards = array_map(static fn (array $yard): RoundYard => new RoundYard((string) $yard['name'], (int) $number($yard['hives']), $number($yard['supers']), new DateTimeImmutable((string) $yard['ready']), new DateTimeImmutable((string) $yard['deadline']), array_values(array_map(Way::from(...), (array) $yard['ways']))), $round->task['yards']);
        $kit = $round->task['kit'];
        $locks = [];
        foreach ($round->task['yards'] as $a => $yard) {
            $lock = $round->locks[$yard['id']] ?? null;
            $first = $lock === null ? null : self::dayOf($round, $lock['first']);
            $last = $lock === null ? null : self::dayOf($round, $lock['last']);
            if ($lock !== null && $first !== null && $last !== null) {
                $locks[$a] = [Way::from($lock['way']), $first, $last];
            }
        }

        return new RoundTask($days, $yards, Travel::of($round->task['travel'], count($yards) + 1), (int) $number($kit['escape_boards']), (int) $number($kit['fume_boards']), (bool) $kit['blower'],
            $number($settings['truck_supers'] ?? 60), $number($settings['hold_supers'] ?? 90), $number($settings['held_supers'] ?? 0), (bool) ($settings['split'] ?? false), locks: $locks);
    }

    public static function dayOf(Round $round, string $date): ?int
    {
        $found = array_search($date, array_column($round->task['days'], 'date'), true);

        return is_int($found) ? $found : null;
    }

    /**
     * @param  list<array{yard: string, hives: int, way: string, first: string, last: string}>  $stored
     * @return list<Service>
     */
    public static function services(Round $round, array $stored): array
    {
        $ids = array_column($round->task['yards'], 'id');
        $services = [];
        foreach ($stored as $one) {
            $yard = array_search($one['yard'], $ids, true);
            [$first, $last] = [self::dayOf($round, $one['first']), self::dayOf($round, $one['last'])];
            if (is_int($yard) && $first !== null && $last !== null) {
                $services[] = new Service($yard, $one['hives'], Way::from($one['way']), $first, $last);
            }
        }

        return $services;
    }

    /**
     * @param  list<Service>  $services
     * @return list<array{yard: string, hives: int, way: string, first: string, last: string}>
     */
    public static function stored(Round $round, array $services): array
    {
        return array_map(static fn (Service $one): array => ['yard' => (string) $round->task['yards'][$one->yard]['id'], 'hives' => $one->hives, 'way' => $one->way->value,
            'first' => (string) $round->task['days'][$one->first]['date'], 'last' => (string) $round->task['days'][$one->last]['date']], $services);
    }
}
