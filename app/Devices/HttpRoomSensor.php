<?php

declare(strict_types=1);

namespace App\Devices;

/** A sensor of temperature and humidity behind a small HTTP endpoint. */
final readonly class HttpRoomSensor implements RoomSensor
{
    private const MOST_C = 60.0;

    public function __construct(private string $address)
    {
    }

    public function read(): RoomAirValue
    {
        $sensor = DeviceAddress::entered($this->address, 'room');
        $given = (new DeviceCall)->json($sensor, '/air') ?? throw new Unreachable(
            __('The sensor did not answer. Check that it is on and near, or type its values.'),
        );
        $celsius = $given['temperature_c'] ?? null;
        $humidity = $given['humidity_pct'] ?? null;
        if (! is_numeric($celsius) || ! is_numeric($humidity)) {
            throw new Unreachable(__('The sensor gave impossible values. Type what it shows.'));
        }
        if ((float) $humidity < 0.0 || (float) $humidity > 100.0 || abs((float) $celsius) > self::MOST_C) {
            throw new Unreachable(__('The sensor says :c °C and :h %, which no room has. It may be wet or broken. Nothing was saved.', [
                'c' => round((float) $celsius, 1),
                'h' => round((float) $humidity, 1),
            ]));
        }

        return new RoomAirValue(round((float) $celsius, 1), round((float) $humidity, 1));
    }
}
