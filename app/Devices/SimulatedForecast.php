<?php

declare(strict_types=1);

namespace App\Devices;

use DateTimeImmutable;
use Marjoram\Core\Numerics\SeededRandom;

/**
 * Weather about the climate of a place: a cloudiness that lingers from day to day. The same place and day give the
 * same sky.
 */
final class SimulatedForecast implements Forecast
{
    public function __construct(private readonly int $seed)
    {
    }

    public function days(float $latitude, float $longitude, array $climate, DateTimeImmutable $from, int $days): array
    {
        // Yards within some twenty km lie under the same sky.
        $random = new SeededRandom(
            $this->seed +
                (int) round(5.0 * $latitude) * 1000 +
                (int) round(3.0 * $longitude) +
                (int) $from->format('Ymd'),
        );
        $rows = [];
        $cloud = $random->normal(-0.4, 0.8);
        for ($i = 0; $i < $days; $i++) {
            $date = $from->modify("+$i days");
            $cloud = 0.55 * $cloud + $random->normal(0.0, 0.8);
            $rain = 1.0 / (1.0 + exp(1.2 - 1.6 * $cloud));
            $max = ($climate[(int) $date->format('n') - 1] ?? 12.0) + 4.5 - 2.2 * $cloud + $random->normal(0.0, 1.2);
            $rows[] = [
                'date' => $date->format('Y-m-d'),
                'min_c' => round($max - 7.0 - 2.5 * (1.0 - $rain), 1),
                'max_c' => round($max, 1),
                'rain_p' => round($rain, 2),
                'sun' => round(max(0.0, min(1.0, 0.85 - 0.8 * $rain)), 2),
            ];
        }

        return $rows;
    }
}
