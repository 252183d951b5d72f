<?php

declare(strict_types=1);

namespace App\Console;

use App\Devices\SimulatedForecast;
use DateTimeImmutable;

/** The stand-in for a weather service: GET /forecast?latitude=&longitude=&climate=&from=&days=. */
final class DeviceWeather extends StandIn
{
    protected $signature = 'device:weather
        {--port=8492}
        {--port-file= : where the port is written}
        {--seed=40826}
        {--answers=0 : stop after so many; 0 for never}';

    protected $description = 'Serve a seeded forecast about the climate of a place';

    public function handle(): int
    {
        $weather = new SimulatedForecast((int) $this->option('seed'));

        return $this->serve(
            static function (string $path, array $query) use ($weather): ?array {
                if ($path !== '/forecast' || preg_match('/^\d{4}-\d\d-\d\d$/', $query['from'] ?? '') !== 1) {
                    return null;
                }

                return [
                    'days' => $weather->days(
                        (float) ($query['latitude'] ?? 0),
                        (float) ($query['longitude'] ?? 0),
                        array_map(floatval(...), explode(',', $query['climate'] ?? '')),
                        new DateTimeImmutable($query['from']),
                        max(1, min(21, (int) ($query['days'] ?? 14))),
                    ),
                ];
            },
        );
    }
}
