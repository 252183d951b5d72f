<?php

declare(strict_types=1);

namespace App\Console;

use App\Devices\SimulatedScale;

/** The stand-in for the scale of the honey room: GET /weight. */
final class DeviceScale extends StandIn
{
    protected $signature = 'device:scale
        {--port=8494}
        {--port-file= : where the port is written}
        {--seed=40826}
        {--kg= : what stands on it}
        {--answers=0 : stop after so many; 0 for never}';

    protected $description = 'Serve the weight of what stands on the scale of the honey room';

    public function handle(): int
    {
        $kg = $this->option('kg');
        $scale = new SimulatedScale((int) $this->option('seed'), is_numeric($kg) ? (float) $kg : null);

        return $this->serve(
            static fn (string $path): ?array => $path === '/weight'
                ? ['kg' => $scale->kg(), 'stable' => true]
                : null,
        );
    }
}
