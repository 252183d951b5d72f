<?php

declare(strict_types=1);

namespace App\Apiary\Flow;

use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Operation\OperationCache;
use App\Foundation\Places\SeasonCalendar;
use App\Models\Apiary;
use App\Models\Scopes;
use DateTimeImmutable;
use DateTimeZone;
use Marjoram\Core\Flow\Filter\LoggedHandling;
use Marjoram\Core\Flow\Flow;

/** Daily gains of a yard's scale in a season, without what people put on or took off. */
final readonly class SeasonGains
{
    public function __construct(
        private OperationCache $cache,
        private CurrentOperation $current,
        private WeightReader $weights,
    ) {
    }

    /** @return array<string, ?float> kg by date; null where it cannot be told */
    public function of(Apiary $apiary, int $season): array
    {
        return $this->cache->of(
            "gains.$apiary->id.$season",
            [Scopes::flow($apiary->id)],
            fn (): array => $this->make($apiary, $season),
        );
    }

    /** @return array<string, ?float> */
    private function make(Apiary $apiary, int $season): array
    {
        $zone = new DateTimeZone($this->current->get()->time_zone);
        $south = $this->current->get()->latitude < 0;
        $from = new DateTimeImmutable(SeasonCalendar::firstDay($season, $south)->format('Y-m-d'), $zone);
        $to = new DateTimeImmutable(SeasonCalendar::lastDay($season, $south)->format('Y-m-d').' 23:59', $zone);
        $now = min($this->current->now(), $to);
        $hives = array_values($this->weights->of($apiary->id, $from, $now));
        if ($hives === []) {
            return [];
        }

        return (new Flow)->assess($hives[0]->readings, [], $now, array_map(
            static fn (LoggedHandling $one): DateTimeImmutable => $one->at,
            $hives[0]->logged,
        ))->gainKgByDate;
    }
}
