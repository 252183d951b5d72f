<?php

declare(strict_types=1);

namespace Marjoram\Core\Clearing;

use Marjoram\Core\InvalidInput;

/** Escape boards (common practice). Person-minutes, but for the set-up of a visit, which the whole crew waits for. */
final readonly class BoardFigures
{
    /**
     * @param  float  $placeSetup  crew minutes a visit: park, smoker, boards off the truck
     * @param  float  $collectSetup  crew minutes a visit
     * @param  float  $placePerHive  a board under the supers of a hive
     * @param  float  $placePerSuper  lifted off and set on again
     * @param  float  $collectPerSuper  carried to the truck
     * @param  float  $oneNightPerSuper  more of it after one night alone: bees left are brushed off
     * @param  float  $rateCool  share of the bees left falls as exp(-rate) a night of 10 C or less
     * @param  float  $rateWarm  the same at 20 C and more; in between it falls on a line
     * @param  int  $mostNights  that a board may stay on
     *
     * @throws InvalidInput when a value is out of range
     */
    public function __construct(
        public float $placeSetup = 10.0,
        public float $collectSetup = 5.0,
        public float $placePerHive = 6.0,
        public float $placePerSuper = 1.5,
        public float $collectPerSuper = 2.0,
        public float $oneNightPerSuper = 2.0,
        public float $rateCool = 2.3,
        public float $rateWarm = 1.0,
        public int $mostNights = 3,
    ) {
        InvalidInput::unlessWithin($mostNights, 1, 3, 'The nights that a board may stay', '/max_nights');
    }

    /** Person-minutes for boards under the supers of hives, and for fetching these; without the set-up of a visit. */
    public function handlingMin(int $hives, int $supers): float
    {
        return $this->placePerHive * $hives + ($this->placePerSuper + $this->collectPerSuper) * $supers;
    }

    /** Share of the bees left after one night of this least temperature. */
    public function shareLeft(float $minC): float
    {
        $warm = min(1.0, max(0.0, ($minC - 10.0) / 10.0));

        return exp(-($this->rateCool + $warm * ($this->rateWarm - $this->rateCool)));
    }
}
