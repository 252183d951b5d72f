<?php

declare(strict_types=1);

namespace App\Console;

use App\Devices\SimulatedRoom;

/** The stand-in for a sensor of the warm room: GET /air. */
final class DeviceRoom extends StandIn
{
    protected $signature = 'device:room
        {--port=8493}
        {--port-file= : where the port is written}
        {--seed=40826}
        {--celsius=32}
        {--humidity=38}
        {--answers=0 : stop after so many; 0 for never}';

    protected $description = 'Serve temperature and humidity of a warm room';

    public function handle(): int
    {
        $room = new SimulatedRoom(
            (int) $this->option('seed'),
            (float) $this->option('celsius'),
            (float) $this->option('humidity'),
        );

        return $this->serve(
            static function (string $path) use ($room): ?array {
                $air = $path === '/air' ? $room->read() : null;

                return $air === null ? null : ['temperature_c' => $air->celsius, 'humidity_pct' => $air->humidityPct];
            },
        );
    }
}
