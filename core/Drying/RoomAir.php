<?php

declare(strict_types=1);

namespace Marjoram\Core\Drying;

use Marjoram\Core\InvalidInput;

/** The air of the warm room from an hour on, until the next is known. */
final readonly class RoomAir
{
    /**
     * @param  float  $hour  since the supers came in; before 0 where it was known earlier
     * @param  float  $celsius  0 to 60
     * @param  float  $humidityPct  0 to 100
     *
     * @throws InvalidInput when no room can be so
     */
    public function __construct(public float $hour, public float $celsius, public float $humidityPct)
    {
        InvalidInput::unlessWithin($celsius, 0.0, 60.0, 'The temperature of the room', '/temperature_c');
        InvalidInput::unlessWithin($humidityPct, 0.0, 100.0, 'The humidity', '/humidity_pct');
    }
}
