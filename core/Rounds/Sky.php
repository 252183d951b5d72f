<?php

declare(strict_types=1);

namespace Marjoram\Core\Rounds;

use Marjoram\Core\InvalidInput;

/** What a day brings at one yard, where it differs from the day's mean over all: its weather, and whether robbers are about. */
final readonly class Sky
{
    /**
     * @param  bool  $dearth  nothing flowers for this yard
     *
     * @throws InvalidInput when a value is none that a day can have
     */
    public function __construct(public float $maxC, public float $rainP, public bool $dearth = false)
    {
        InvalidInput::unlessWithin($maxC, -40.0, 55.0, 'The highest temperature', '/max_c');
        InvalidInput::unlessWithin($rainP, 0.0, 1.0, 'The chance of rain', '/rain_p');
    }
}
