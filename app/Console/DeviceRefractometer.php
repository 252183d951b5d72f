<?php

declare(strict_types=1);

namespace App\Console;

use App\Devices\SimulatedRefractometer;

/** The stand-in for a refractometer that can be read: GET /reading. */
final class DeviceRefractometer extends StandIn
{
    protected $signature = 'device:refractometer
        {--port=8491}
        {--port-file= : where the port is written}
        {--seed=40826}
        {--water= : hidden water of the sample, %}
        {--answers=0 : stop after so many; 0 for never}';

    protected $description = 'Serve readings of a hidden honey sample with noise and temperature';

    private const SAMPLE_SECONDS = 600;

    public function handle(): int
    {
        $sample = -1;
        $device = null;

        return $this->serve(
            function (string $path) use (&$sample, &$device): ?array {
                // Every ten minutes someone puts another drop on the glass.
                if ($device === null || $sample !== intdiv(time(), self::SAMPLE_SECONDS)) {
                    $sample = intdiv(time(), self::SAMPLE_SECONDS);
                    $water = $this->option('water');
                    $device = new SimulatedRefractometer(
                        (int) $this->option('seed') + $sample,
                        is_numeric($water) ? (float) $water : null,
                    );
                }
                $reading = $path === '/reading' ? $device->read() : null;

                return $reading === null
                    ? null
                    : [
                        'scale' => $reading->scale->value,
                        'value' => $reading->value,
                        'temperature_c' => $reading->temperatureC,
                        'compensated' => $reading->compensated,
                    ];
            },
        );
    }
}
