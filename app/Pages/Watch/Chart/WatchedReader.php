<?php

declare(strict_types=1);

namespace App\Pages\Watch\Chart;

use App\Apiary\Flow\SeasonGains;
use App\Apiary\Flow\WeightReader;
use App\Apiary\Hives\YardReader;
use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Operation\OperationCache;
use App\Models\Apiary;
use App\Models\Bloom;
use App\Models\Scopes;
use App\Models\WeatherDay;
use Marjoram\Core\Flow\Filter\FlightDay;
use Marjoram\Core\Flow\Thinning;

/** Reads what the chart of a yard draws. */
final readonly class WatchedReader
{
    /** Columns that a line is thinned to: twice the width of the drawing. */
    private const COLUMNS = 1400;

    /** Seasons before that are drawn beside this one. */
    private const BEFORE = 4;

    public function __construct(
        private CurrentOperation $current,
        private OperationCache $cache,
        private YardReader $yards,
        private WeightReader $weights,
        private SeasonGains $gains,
    ) {
    }

    public function read(Apiary $apiary, Window $window): Watched
    {
        return new Watched(
            $window,
            $this->current->now(),
            $this->yards->flow($apiary),
            $window->span === Span::Season ? [] : $this->lines($apiary, $window),
            $this->count($apiary, $window),
            $this->seasons($apiary, $window),
            ...$this->weather($apiary, $window),
            blooms: Bloom::query()
                ->where('apiary_id', $apiary->id)
                ->where('season', $window->season)
                ->orderBy('began_on')
                ->get()
                ->toBase(),
        );
    }

    /** The count is cached: a season of frequent readings has 100,000. */
    private function count(Apiary $apiary, Window $window): int
    {
        $span = $window->from->format('Y-m-d').$window->to->format('Y-m-d');

        return $this->cache->of(
            "count.$apiary->id.$span",
            [Scopes::flow($apiary->id)],
            fn (): int => $this->weights->count($apiary->id, $window->from, $window->to),
        );
    }

    /** @return list<WeightLine> */
    private function lines(Apiary $apiary, Window $window): array
    {
        $lines = [];
        $codes = array_flip($this->yards->hiveIds($apiary));
        $until = min($window->to, $this->current->now());
        foreach ($this->weights->raw($apiary->id, $window->from, $until) as $hive => [$at, $kg]) {
            $lines[] = new WeightLine($codes[$hive] ?? '', Thinning::m4(
                $at,
                $kg,
                $window->from->getTimestamp(),
                $window->to->getTimestamp(),
                self::COLUMNS,
            ));
        }

        return $lines;
    }

    /** @return array<int, array<string, ?float>> */
    private function seasons(Apiary $apiary, Window $window): array
    {
        $seasons = [];
        $back = $window->span === Span::Season ? self::BEFORE : 0;
        for ($season = $window->season; $season >= $window->season - $back; $season--) {
            $gains = $this->gains->of($apiary, $season);
            if ($gains !== []) {
                $seasons[$season] = $gains;
            }
        }

        return $seasons;
    }

    /** @return array{weather: array<string, FlightDay>, warmest: array<string, float>} */
    private function weather(Apiary $apiary, Window $window): array
    {
        $weather = $warmest = [];
        $rows = WeatherDay::query()
            ->where('apiary_id', $apiary->id)
            ->where('date', '>=', $window->from->format('Y-m-d'))
            ->where('date', '<', $window->to->format('Y-m-d'))
            ->orderBy('date')
            ->toBase()
            ->get(['date', 'max_c', 'rain_p', 'sun']);
        foreach ($rows as $row) {
            $date = substr((string) $row->date, 0, 10);
            $warmest[$date] = (float) $row->max_c;
            $weather[$date] = new FlightDay((float) $row->max_c, null, (float) $row->rain_p, (float) $row->sun);
        }

        return ['weather' => $weather, 'warmest' => $warmest];
    }
}
