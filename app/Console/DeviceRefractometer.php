<?php

declare(strict_types=1);

namespace App\Console;

use App\Devices\SimulatedRefractometer;
use Illuminate\Console\Command;

/** The stand-in for a refractometer that can be read: a small endpoint on this machine alone, GET /reading. */
final class DeviceRefractometer extends Command
{
    protected $signature = 'device:refractometer {--port=8491} {--seed=40826} {--water= : hidden water of the sample, %} {--readings=0 : stop after so many; 0 for never}';

    protected $description = 'Serve readings of a hidden honey sample with noise and temperature';

    private const SAMPLE_SECONDS = 600;

    public function handle(): int
    {
        $server = @stream_socket_server('tcp://127.0.0.1:'.(int) $this->option('port'), $code, $why);
        if ($server === false) {
            $this->error("The port cannot be had: $why");

            return self::FAILURE;
        }
        $this->line('The refractometer answers at http://'.stream_socket_get_name($server, false).'/reading');
        $left = (int) $this->option('readings');
        $sample = -1;
        $device = null;
        for ($forever = $left === 0; $forever || $left > 0;) {
            $client = @stream_socket_accept($server, 3600);
            if ($client === false) {
                continue;
            }
            // Every ten minutes someone puts another drop on the glass.
            if ($device === null || $sample !== intdiv(time(), self::SAMPLE_SECONDS)) {
                $sample = intdiv(time(), self::SAMPLE_SECONDS);
                $water = $this->option('water');
                $device = new SimulatedRefractometer((int) $this->option('seed') + $sample, is_numeric($water) ? (float) $water : null);
            }
            stream_set_timeout($client, 2);
            $left -= $this->answer($client, $device) ? 1 : 0;
            fclose($client);
        }

        return self::SUCCESS;
    }

    /** @param  resource  $client */
    private function answer($client, SimulatedRefractometer $device): bool
    {
        $request = (string) fgets($client, 1024);
        while (($line = fgets($client, 1024)) !== false && trim($line) !== '');
        $known = str_starts_with($request, 'GET /reading ');
        $reading = $known ? $device->read() : null;
        $body = json_encode($reading === null ? ['error' => 'GET /reading is known'] : ['scale' => $reading->scale->value, 'value' => $reading->value, 'temperature_c' => $reading->temperatureC, 'compensated' => $reading->compensated], JSON_THROW_ON_ERROR);
        fwrite($client, 'HTTP/1.1 '.($known ? '200 OK' : '404 Not Found')."\r\nContent-Type: application/json\r\nContent-Length: ".strlen($body)."\r\nConnection: close\r\n\r\n".$body);

        return $known;
    }
}
