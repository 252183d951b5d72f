<?php

declare(strict_types=1);

namespace App\Pages\Desk;

use App\Apiary\Flow\SeasonGains;
use App\Apiary\Hives\YardReader;
use App\Apiary\Operation\CurrentOperation;

/** The flow over the season: what the best of the scales gained, day by day. */
final readonly class SeasonFlow
{
    public function __construct(
        private CurrentOperation $current,
        private YardReader $yards,
        private SeasonGains $gains,
    ) {
    }

    /** @return array<string, float> kg a day by date */
    public function read(): array
    {
        $days = [];
        foreach ($this->yards->apiaries() as $apiary) {
            foreach ($this->gains->of($apiary, $this->current->season()) as $date => $gain) {
                $days[$date] = max($days[$date] ?? -INF, $gain ?? 0.0);
            }
        }
        ksort($days);

        return $days;
    }
}
