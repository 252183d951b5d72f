<?php

declare(strict_types=1);

namespace App\Apiary\Days;

use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Operation\Seasons;
use App\Apiary\Overview\OnTheWay;
use App\Models\Clearing;
use App\Models\Schedule;
use App\Models\Schedules\ScheduleSettings;
use App\Models\WeatherDay;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Collection;
use Marjoram\Core\Clearing\DayForecast;
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
        private Seasons $seasons,
        private OnTheWay $onTheWay,
        private YardTroubles $troubles,
    ) {
    }

    /** @return list<BrokenVisit> the earliest first */
    public function all(): array
    {
        $clearings = Clearing::open($this->seasons->now()->since)
            ->with(['apiary', 'items.hive'])
            ->orderBy('id')
            ->get()
            ->keyBy('id');
        if ($clearings->isEmpty()) {
            return [];
        }
        $forecasts = $this->forecasts($clearings);
        $visit = fn (Clearing $one): PlannedVisit => $this->visit($one, $forecasts[$one->apiary_id] ?? []);
        $visits = array_values($clearings->map($visit)->all());
        $crewMin = $this->crewMin($this->current->firstDayAhead());
        $broken = [];
        foreach ((new Mending)->of($visits, $crewMin, $this->current->today()) as $one) {
            $clearing = $clearings->get($one->visit->id);
            $broken = [...$broken, ...$clearing === null ? [] : [new BrokenVisit($clearing, $one)]];
        }

        return $broken;
    }

    /** @param  array<string, DayForecast>  $forecast */
    private function visit(Clearing $clearing, array $forecast): PlannedVisit
    {
        $troubles = $this->troubles->of($clearing->apiary_id);
        $minutes = $clearing->person_minutes / max(1, $this->current->get()->crew);

        return new PlannedVisit(
            $clearing->id,
            $clearing->method,
            $this->local($clearing->first_on->format('Y-m-d')),
            $clearing->second_on === null ? null : $this->local($clearing->second_on->format('Y-m-d')),
            $clearing->hasBoardOn(),
            $minutes * (isset($troubles['time']) ? self::LONGER : 1.0),
            $forecast,
            isset($troubles['robbing']),
            $this->onTheWay->treatment($clearing->apiary_id),
        );
    }

    /**
     * @param  Collection<string, Clearing>  $clearings
     * @return array<string, array<string, DayForecast>> by yard and date
     */
    private function forecasts(Collection $clearings): array
    {
        $found = [];
        $rows = WeatherDay::query()
            ->whereIn('apiary_id', $clearings->pluck('apiary_id')->unique())
            ->where('date', '>=', $this->current->day())
            ->get();
        foreach ($rows as $row) {
            $found[$row->apiary_id][$row->date->format('Y-m-d')] = $row->forecast();
        }

        return $found;
    }

    /** @return array<string, float> minutes of the crew by date, as the last schedule has them */
    private function crewMin(DateTimeImmutable $first): array
    {
        $settings = Schedule::query()->latest('id')->first()->settings ?? new ScheduleSettings;
        $minutes = [];
        for ($i = 0; $i < self::DAYS; $i++) {
            $day = $first->modify("+$i days");
            $minutes[$day->format('Y-m-d')] = (float) $settings->crewMinOn($day);
        }

        return $minutes;
    }

    private function local(string $day): DateTimeImmutable
    {
        return new DateTimeImmutable($day, $this->current->today()->getTimezone());
    }
}
