<?php

declare(strict_types=1);

namespace Marjoram\Core\Clearing;

use DateTimeImmutable;
use Marjoram\Core\InvalidInput;

/** The weather expected on a day. */
final readonly class DayForecast
{
    /**
     * @param  float  $rainP  probability of rain in the working hours
     * @param  float  $sun  share of the day with sun
     *
     * @throws InvalidInput when a value is out of range
     */
    public function __construct(
        public DateTimeImmutable $date,
        public float $minC,
        public float $maxC,
        public float $rainP,
        public float $sun,
    ) {
        InvalidInput::unlessWithin($minC, -60.0, 60.0, 'The lowest temperature', '/min_c');
        InvalidInput::unlessWithin($maxC, -60.0, 60.0, 'The highest temperature', '/max_c');
        InvalidInput::unlessWithin($rainP, 0.0, 1.0, 'The probability of rain', '/rain_p');
        InvalidInput::unlessWithin($sun, 0.0, 1.0, 'The share of sun', '/sun');
        if ($maxC < $minC) {
            throw InvalidInput::because('The highest temperature is below the lowest.', 'at least '.$minC, '/max_c');
        }
    }
}
