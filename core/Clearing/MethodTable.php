<?php

declare(strict_types=1);

namespace Marjoram\Core\Clearing;

/**
 * The minutes and limits of the four methods: the one table that comparing them at one yard and planning them over all
 * yards both read. All of it is common practice; an operation may put its own in place.
 *
 * Brushing takes 10 minutes a super where frames are shaken first and brushed after; 6 by shaking alone and 18 by
 * brushing alone are seen too.
 */
final readonly class MethodTable
{
    /**
     * @param  float  $mostRainOpen  chance of rain from which supers are not opened, 0 to 1
     * @param  float  $moveBox  person-minutes to set a box that stays below a board
     * @param  float  $beesPerSuper  before it is cleared
     * @param  float  $beesLeftFume  in a super
     */
    public function __construct(
        public BoardFigures $board = new BoardFigures,
        public FumeFigures $fume = new FumeFigures,
        public OpenFigures $blower = new OpenFigures(setup: 15.0, perSuper: 4.0, beesLeft: 30.0),
        public OpenFigures $brush = new OpenFigures(setup: 5.0, perSuper: 10.0, beesLeft: 60.0),
        public float $mostRainOpen = 0.6,
        public float $moveBox = 2.0,
        public float $beesPerSuper = 2000.0,
        public float $beesLeftFume = 40.0,
    ) {
    }
}
