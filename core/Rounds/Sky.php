<?php

declare(strict_types=1);

namespace Marjoram\Core\Rounds;

use Marjoram\Core\Clearing\DayForecast;
use Marjoram\Core\InvalidInput;

/** What a day brings at a place, as far as it bears on a visit: its weather, and whether robbers are about. */
final readonly class Sky
{
    /**
     * @param  float  $maxC  highest temperature of the day, -60 to 60
     * @param  float  $rainP  chance of rain, 0 to 1
     * @param  bool  $dearth  nothing flowers
     * @param  float  $sun  share of the day, 0 to 1
     * @param  ?float  $minC  lowest temperature of the night before, where it is known
     *
     * @throws InvalidInput when a value is impossible for a day
     */
    public function __construct(
        public float $maxC,
        public float $rainP,
        public bool $dearth = false,
        public float $sun = 0.5,
        public ?float $minC = null,
    ) {
        InvalidInput::unlessWithin($minC ?? 0.0, -60.0, 60.0, 'The lowest temperature', '/min_c');
        InvalidInput::unlessWithin($maxC, -60.0, 60.0, 'The highest temperature', '/max_c');
        InvalidInput::unlessWithin($rainP, 0.0, 1.0, 'The chance of rain', '/rain_p');
        InvalidInput::unlessWithin($sun, 0.0, 1.0, 'The share of sun', '/sun');
    }

    public static function of(DayForecast $day, bool $dearth): self
    {
        return new self($day->maxC, $day->rainP, $dearth, $day->sun, $day->minC);
    }
}
