<?php

declare(strict_types=1);

namespace Marjoram\Core\Clearing;

/** Minutes and effects of the methods (common practice); an operation sets its own. */
final readonly class ClearingAssumptions
{
    /** @param  list<array{float, float}>  $fumeMinutes per super by the day's maximum temperature (C), in the sun */
    public function __construct(
        public float $boardPlacePerHive = 6.0,
        public float $boardPlacePerSuper = 1.5,
        public float $boardCollectPerSuper = 2.0,
        public float $moveBox = 2.0,
        public float $blowerPerSuper = 4.0,
        public float $brushPerSuper = 18.0,
        public float $beesPerSuper = 2000.0,
        public float $boardRateCool = 2.3,
        public float $boardRateWarm = 1.0,
        public array $fumeMinutes = [[9.0, 20.0], [21.0, 10.0], [30.0, 6.0]],
        public float $withoutSun = 1.5,
        public float $fumeLeastC = 9.0,
        public float $fumeMostRain = 0.5,
        public float $beesLeftBrush = 60.0,
        public float $beesLeftFume = 40.0,
        public float $beesLeftBlower = 30.0,
    ) {
    }
}
