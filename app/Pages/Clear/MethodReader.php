<?php

declare(strict_types=1);

namespace App\Pages\Clear;

use App\Apiary\Days\YardTroubles;
use App\Apiary\Hives\YardReader;
use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Overview\YardComing;
use App\Apiary\Weather\KnownDay;
use App\Apiary\Weather\WeatherAhead;
use App\Models\Apiary;
use Marjoram\Core\Clearing\DayForecast;
use Marjoram\Core\Clearing\MethodComparison;
use Marjoram\Core\Ripeness\NectarFlow;

/** Maps what a yard has to come in to the core's question about clearing. */
final readonly class MethodReader
{
    private const DAYS = 10;

    public function __construct(
        private CurrentOperation $current,
        private YardReader $yards,
        private YardTroubles $troubles,
    ) {
    }

    public function compare(Apiary $apiary, YardComing $coming): Compared
    {
        $operation = $this->current->get();
        $days = WeatherAhead::known($apiary, $this->current->firstDayAhead(), self::DAYS);
        $forecast = array_map(static fn (KnownDay $day): DayForecast => $day->weather, $days);
        $comparison = new MethodComparison;
        $methods = $comparison->compare(
            $coming->hivesToClear(),
            $forecast,
            $operation->crew,
            $operation->kit,
            $this->yards->flow($apiary)->forRipeness() === NectarFlow::Over,
            true,
            $this->troubles->hasRobbing($apiary->id),
        );

        return new Compared(
            $methods,
            $comparison->reasonOfRank($methods),
            $forecast,
            array_filter($days, static fn (KnownDay $day): bool => $day->known) === [],
        );
    }
}
