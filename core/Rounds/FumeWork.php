<?php

declare(strict_types=1);

namespace Marjoram\Core\Rounds;

use Marjoram\Core\Clearing\FumeFigures;

/** Minutes of the crew for a visit with fume boards: as the day is warm and as many boards as are at work at once. */
final readonly class FumeWork
{
    /**
     * @param  ?float  $flatPerSuper  minutes a super whatever the weather and the boards; null for those of the figures
     * @param  float  $leastC  highest temperature of the day below which they do not work
     * @param  float  $mostRain  chance of rain up to which they are used, 0 to 1
     */
    public function __construct(
        public float $setup,
        public float $perHive,
        public ?float $flatPerSuper,
        public float $handlingPerSuper,
        public FumeFigures $figures,
        public float $leastC,
        public float $mostRain,
    ) {
    }

    public static function of(FumeFigures $figures, int $crew): self
    {
        return new self(
            $figures->setup,
            0.0,
            null,
            $figures->handlingPerSuper / $crew,
            $figures,
            $figures->leastC,
            $figures->mostRain,
        );
    }

    /** @param  int  $atOnce  boards at work at once */
    public function minutes(int $hives, float $supers, Sky $sky, int $atOnce): float
    {
        $perSuper = $this->flatPerSuper
            ?? $this->figures->minutesASuper($sky->maxC, $sky->sun) / $atOnce + $this->handlingPerSuper;

        return $this->setup + $this->perHive * $hives + $perSuper * $supers;
    }
}
