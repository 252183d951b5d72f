<?php

declare(strict_types=1);

namespace Marjoram\Core\Rounds;

use Marjoram\Core\Clearing\BoardFigures;

/** Minutes of the crew for visits with escape boards: one to place them, one to collect the supers. */
final readonly class BoardWork
{
    /**
     * @param  float  $oneNightPerSuper  more of it where the boards were on for one night alone
     * @param  int  $mostNights  that a board may stay on
     */
    public function __construct(
        public float $placeSetup,
        public float $placePerHive,
        public float $placePerSuper,
        public float $collectSetup,
        public float $collectPerHive,
        public float $collectPerSuper,
        public float $oneNightPerSuper,
        public int $mostNights,
    ) {
    }

    public static function of(BoardFigures $figures, int $crew): self
    {
        return new self(
            $figures->placeSetup,
            $figures->placePerHive / $crew,
            $figures->placePerSuper / $crew,
            $figures->collectSetup,
            0.0,
            $figures->collectPerSuper / $crew,
            $figures->oneNightPerSuper / $crew,
            $figures->mostNights,
        );
    }

    public function place(int $hives, float $supers): float
    {
        return $this->placeSetup + $this->placePerHive * $hives + $this->placePerSuper * $supers;
    }

    public function collect(int $hives, float $supers, int $nights): float
    {
        $perSuper = $this->collectPerSuper + ($nights === 1 ? $this->oneNightPerSuper : 0.0);

        return $this->collectSetup + $this->collectPerHive * $hives + $perSuper * $supers;
    }
}
