<?php

declare(strict_types=1);

namespace App\Devices;

/** What measures the air of a room, whatever carries its values. */
interface RoomSensor
{
    /** @throws Unreachable when it gives no value that a room can have */
    public function read(): RoomAirValue;
}
