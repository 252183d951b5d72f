<?php

declare(strict_types=1);

namespace Marjoram\Core\Clearing;

/**
 * The minutes and limits of the methods: the one table that comparing them at one yard and planning them over all
 * yards both read. All of it is common practice; an operation may put its own in place.
 *
 * Brushing takes 10 minutes a super where frames are shaken first and brushed after; 6 by shaking alone and 18 by
 * brushing alone are seen too. Frame by frame it is 1 to 2 minutes a frame. In the cold the seal is broken the day
 * before and weighted again, and supers are lifted off at the coldest hour.
 */
final readonly class MethodTable
{
    /**
     * @param  float  $mostRainOpen  chance of rain from which supers are not opened, 0 to 1
     * @param  float  $moveBox  person-minutes to set a box that stays below a board
     * @param  float  $perFrame  person-minutes to shake, brush and cover one frame
     * @param  float  $coldC  the night must be colder for the bees to sit below
     * @param  float  $beesPerSuper  before it is cleared
     * @param  float  $beesLeftFume  in a super
     */
    public function __construct(
        public BoardFigures $board = new BoardFigures,
        public FumeFigures $fume = new FumeFigures,
        public OpenFigures $blower = new OpenFigures(setup: 15.0, perSuper: 4.0, beesLeft: 30.0),
        public OpenFigures $brush = new OpenFigures(setup: 5.0, perSuper: 10.0, beesLeft: 60.0),
        public OpenFigures $byFrame = new OpenFigures(setup: 5.0, perSuper: 15.0, beesLeft: 10.0),
        public OpenFigures $cold = new OpenFigures(setup: 10.0, perSuper: 4.0, beesLeft: 60.0),
        public float $perFrame = 1.5,
        public float $coldC = 8.0,
        public float $mostRainOpen = 0.6,
        public float $moveBox = 2.0,
        public float $beesPerSuper = 2000.0,
        public float $beesLeftFume = 40.0,
    ) {
    }

    /** What of a day's weather keeps a method from being used; null where nothing does. */
    public function trouble(Method $method, DayForecast $day): ?Trouble
    {
        $isWet = $method === Method::FumeBoard
            ? $day->rainP > $this->fume->mostRain
            : $day->rainP >= $this->mostRainOpen;

        return match (true) {
            $isWet => Trouble::Rain,
            $method === Method::FumeBoard && $day->maxC < $this->fume->leastC => Trouble::Temperature,
            $method === Method::Cold && $day->minC >= $this->coldC => Trouble::Temperature,
            default => null,
        };
    }
}
