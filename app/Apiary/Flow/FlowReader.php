<?php

declare(strict_types=1);

namespace App\Apiary\Flow;

use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Operation\OperationCache;
use App\Apiary\Operation\Seasons;
use App\Models\Apiary;
use App\Models\FlowSign;
use App\Models\Scopes;
use App\Models\WeatherDay;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Collection;
use Marjoram\Core\Flow\Evidence;
use Marjoram\Core\Flow\Filter\FilterResult;
use Marjoram\Core\Flow\Filter\FlightDay;
use Marjoram\Core\Flow\Filter\FlowFilter;
use Marjoram\Core\Flow\Filter\LoggedHandling;
use Marjoram\Core\Flow\Filter\MeanOfScales;
use Marjoram\Core\Flow\Flow;
use Marjoram\Core\Flow\ScaleReading;
use Marjoram\Core\Flow\Sign;

/** Maps scale weights and signs of the yards to the core's question about the flow. */
final readonly class FlowReader
{
    private const NEIGHBOUR_KM = 15.0;

    /** Days that the simple rule looks back. */
    private const DAYS = 24;

    /** Days that the filter looks back: the whole flow. */
    private const FILTER_DAYS = 150;

    /** Days of readings from which the mean of several hives is used. */
    private const MEAN_FROM = 7;

    /** How often a box is put on or taken off here and nobody notes it, a day: without the note no hive is right. */
    private const UNNOTED_A_DAY = 0.002;

    public function __construct(
        private CurrentOperation $current,
        private OperationCache $cache,
        private WeightReader $weights,
        private Seasons $seasons,
    ) {
    }

    /**
     * The flow of one yard, by its own scale or a neighbour's.
     *
     * @param  Collection<int, Apiary>  $all  yards of the operation
     */
    public function of(Apiary $apiary, Collection $all): YardFlow
    {
        $source = $this->source($apiary, $all);
        $yards = $source === null || $source->is($apiary) ? [$apiary->id] : [$apiary->id, $source->id];

        return $this->cache->of(
            "flow.$apiary->id",
            array_map(Scopes::flow(...), $yards),
            fn (): YardFlow => $this->make($apiary, $source),
            [$yards, $this->seasons->firstFlow($apiary)],
        );
    }

    private function make(Apiary $apiary, ?Apiary $source): YardFlow
    {
        $now = $this->current->now();
        $hives = $source === null
            ? []
            : array_values($this->weights->of($source->id, $now->modify('-'.self::FILTER_DAYS.' days'), $now));
        $signs = $this->evidence($apiary);
        $recent = $now->modify('-'.self::DAYS.' days');
        $since = $now->modify('-'.Flow::FORGOTTEN_DAYS.' days');
        $evidence = array_values(array_filter($signs, static fn (Evidence $one): bool => $one->at >= $since));
        $main = $hives[0] ?? null;
        $moves = array_map(static fn (LoggedHandling $one): DateTimeImmutable => $one->at, $main->logged ?? []);
        $isOwn = $source !== null && $source->is($apiary);
        [$filter, $gains] = $this->filter($apiary, $hives, $signs);

        return new YardFlow(
            (new Flow)->assess($filter !== null ? [] : array_values(array_filter(
                $main->readings ?? [],
                static fn (ScaleReading $one): bool => $one->at >= $recent,
            )), $evidence, $now, $moves),
            $isOwn ? $main?->hiveId : null,
            $source === null || $isOwn ? null : $source->name,
            $evidence,
            $filter,
            $gains,
        );
    }

    /**
     * Uses the readings of one hive, or the mean of all hives that are weighed.
     *
     * @param  list<HiveWeights>  $hives
     * @param  list<Evidence>  $signs
     * @return array{?FilterResult, list<ScaleGains>} no answer where too few days were weighed
     */
    private function filter(Apiary $apiary, array $hives, array $signs): array
    {
        $hives = array_values(array_filter(
            $hives,
            static fn (HiveWeights $one): bool => $one->canBeJudged(),
        ));
        if ($hives === []) {
            return [null, []];
        }
        [$now, $zone] = [$this->current->now(), new DateTimeZone($this->current->get()->time_zone)];
        [$readings, $logged, $gains] = [$hives[0]->readings, $hives[0]->logged, []];
        if (count($hives) > 1) {
            $mean = MeanOfScales::of(
                array_map(static fn (HiveWeights $one): array => $one->readings, $hives),
                array_map(static fn (HiveWeights $one): array => $one->logged, $hives),
                $now,
                $zone,
            );
            // Hives weighed once a week show no single days: then only the hive with most weights is used.
            if (count($mean->readings) > self::MEAN_FROM) {
                [$readings, $logged] = [$mean->readings, $mean->logged];
                $gains = array_map(
                    static fn (HiveWeights $one, array $kg): ScaleGains => new ScaleGains($one->hiveId, $kg),
                    $hives,
                    $mean->gains,
                );
            }
        }
        $filter = (new FlowFilter(self::UNNOTED_A_DAY))->assess(
            $readings,
            $logged,
            $this->weather($apiary),
            $signs,
            $now,
            $zone,
            $this->seasons->firstFlow($apiary),
        );

        return [$filter, $gains];
    }

    /** @return array<string, FlightDay> by date; what is still to come is the forecast */
    private function weather(Apiary $apiary): array
    {
        $days = [];
        $rows = WeatherDay::query()
            ->where('apiary_id', $apiary->id)
            ->where('date', '>=', $this->current->now()->modify('-'.self::FILTER_DAYS.' days')->format('Y-m-d'))
            ->toBase()
            ->get(['date', 'max_c', 'rain_p', 'sun']);
        foreach ($rows as $row) {
            $days[substr((string) $row->date, 0, 10)] = new FlightDay(
                maxC: (float) $row->max_c,
                rainChance: (float) $row->rain_p,
                sun: (float) $row->sun,
            );
        }

        return $days;
    }

    /**
     * Returns the yard itself if it has a scale, otherwise the nearest yard with a scale and the same kind of flow
     * (heather is a kind of its own).
     *
     * @param  Collection<int, Apiary>  $all
     */
    private function source(Apiary $apiary, Collection $all): ?Apiary
    {
        $scales = $this->cache->of('scales', [Scopes::WEIGHTS], $this->yardsWithScales(...));
        if (in_array($apiary->id, $scales, true)) {
            return $apiary;
        }
        $near = fn (Apiary $other): bool => in_array($other->id, $scales, true)
            && $other->heather === $apiary->heather
            && $apiary->kmTo($other) <= self::NEIGHBOUR_KM;

        return $all->filter($near)->sortBy(fn (Apiary $other): float => $apiary->kmTo($other))->first();
    }

    /** @return list<string> ids of yards with a weight in the days that are looked at */
    private function yardsWithScales(): array
    {
        $now = $this->current->now();

        return $this->weights->yards($now->modify('-'.self::DAYS.' days'), $now);
    }

    /** @return list<Evidence> */
    private function evidence(Apiary $apiary): array
    {
        [$now, $utc] = [$this->current->now(), new DateTimeZone('UTC')];
        $signs = FlowSign::query()
            ->where('apiary_id', $apiary->id)
            ->whereBetween('seen_at', [$now->modify('-'.self::FILTER_DAYS.' days')->setTimezone($utc), $now->setTimezone($utc)])
            ->orderBy('seen_at')
            ->get();

        return array_values(array_filter($signs->map($this->sign(...))->all()));
    }

    private function sign(FlowSign $sign): ?Evidence
    {
        $known = Sign::tryFrom($sign->sign);

        return $known === null || ! array_key_exists($sign->result, $known->results())
            ? null
            : new Evidence($known, $sign->result, DateTimeImmutable::createFromInterface($sign->seen_at));
    }
}
