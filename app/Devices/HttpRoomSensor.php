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
            __('The sensor did not answer. Is it on and near? What it shows can be typed as well.'),
        );
        $celsius = $given['temperature_c'] ?? null;
        $humidity = $given['humidity_pct'] ?? null;
        if (! is_numeric($celsius) || ! is_numeric($humidity)) {
            throw new Unreachable(__('The sensor gave no values that make sense. Type what it shows.'));
        }
        if ((float) $humidity < 0.0 || (float) $humidity > 100.0 || abs((float) $celsius) > self::MOST_C) {
            throw new Unreachable(__('The sensor says :c °C and :h %: no room is so. It is wet or broken; nothing was noted.', [
                'c' => round((float) $celsius, 1),
                'h' => round((float) $humidity, 1),
            ]));
        }

        return new RoomAirValue(round((float) $celsius, 1), round((float) $humidity, 1));
    }
}
