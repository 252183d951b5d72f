<?php

declare(strict_types=1);

namespace App\Apiary\Days;

use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Overview\OnTheWay;
use App\Apiary\Weather\WeatherAhead;
use App\Models\Clearing;
use App\Models\Schedule;
use App\Models\Schedules\ScheduleSettings;
use DateTimeImmutable;
use Marjoram\Core\Clearing\DayForecast;
use Marjoram\Core\Clearing\MendedVisit;
use Marjoram\Core\Clearing\Mending;
use Marjoram\Core\Clearing\PlannedVisit;

/** Reads which planned clearings cannot go as planned: by the weather that is known, and by what went wrong. */
final readonly class MendReader
{
    private const DAYS = 14;

    /** Who ran out of time once needs so much more of it the next time (common practice). */
    private const LONGER = 1.3;

    public function __construct(
        private CurrentOperation $current,
        private OnTheWay $onTheWay,
        private YardTroubles $troubles,
    ) {
    }

    /** @return list<BrokenVisit> the earliest first */
    public function all(): array
    {
        $byYard = $this->onTheWay->byYard();
        if ($byYard === []) {
            return [];
        }
        // Core knows dates alone: days are counted the same in every time zone.
        $today = new DateTimeImmutable($this->current->day());
        $last = $today->modify('+'.self::DAYS.' days')->format('Y-m-d');
        $stored = WeatherAhead::stored(array_keys($byYard), $today->format('Y-m-d'), $last);
        $clearings = $visits = [];
        foreach ($byYard as $yard => $planned) {
            foreach ($planned as $clearing) {
                $clearings[$clearing->id] = $clearing;
                $visits[] = $this->visit($clearing, $stored[$yard] ?? []);
            }
        }

        return array_map(
            static fn (MendedVisit $one): BrokenVisit => new BrokenVisit($clearings[$one->visit->id], $one),
            (new Mending)->of($visits, $this->crewMin(), $today),
        );
    }

    /** @param  array<string, DayForecast>  $forecast */
    private function visit(Clearing $clearing, array $forecast): PlannedVisit
    {
        $troubles = $this->troubles->of($clearing->apiary_id);
        $minutes = $clearing->person_minutes / max(1, $this->current->get()->crew);

        return new PlannedVisit(
            $clearing->id,
            $clearing->method,
            new DateTimeImmutable($clearing->first_on->format('Y-m-d')),
            $clearing->second_on === null ? null : new DateTimeImmutable($clearing->second_on->format('Y-m-d')),
            $clearing->hasBoardOn(),
            $minutes * (isset($troubles['time']) ? self::LONGER : 1.0),
            $forecast,
            isset($troubles['robbing']),
            $this->onTheWay->treatment($clearing->apiary_id),
        );
    }

    /** @return array<string, float> minutes of the crew by date, as the last schedule has them */
    private function crewMin(): array
    {
        $settings = Schedule::query()->latest('id')->first()->settings ?? new ScheduleSettings;
        $first = $this->current->firstDayAhead();
        $minutes = [];
        for ($i = 0; $i < self::DAYS; $i++) {
            $day = $first->modify("+$i days");
            $minutes[$day->format('Y-m-d')] = (float) $settings->crewMinOn($day);
        }

        return $minutes;
    }
}
