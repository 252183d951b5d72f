<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\WarmRoom;

use App\Devices\HttpRoomSensor;
use App\Devices\Unreachable;
use App\Models\Operation;
use App\Models\RoomAirReading;
use DateTimeImmutable;
use Illuminate\Validation\ValidationException;

/** Asks the sensor of the warm room and notes what it says. */
final class ReadRoom
{
    /** @throws ValidationException if there is no instrument, or its values are impossible */
    public function read(Operation $operation, DateTimeImmutable $at): RoomAirReading
    {
        if ($operation->room_sensor === null || $operation->room_sensor === '') {
            throw ValidationException::withMessages([
                'sensor' => __('No sensor is entered under Room and machine. Type what it shows.'),
            ]);
        }
        try {
            $air = (new HttpRoomSensor($operation->room_sensor))->read();
        } catch (Unreachable $silence) {
            throw ValidationException::withMessages(['sensor' => $silence->getMessage()]);
        }

        return RoomAirReading::query()->create([
            'celsius' => $air->celsius,
            'humidity_pct' => $air->humidityPct,
            'source' => 'sensor',
            'read_at' => $at,
        ]);
    }
}
