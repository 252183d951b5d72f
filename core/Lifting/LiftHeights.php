<?php

declare(strict_types=1);

namespace Marjoram\Core\Lifting;

/** Where hands are that lift boxes of a hive, cm above the ground (common practice). */
final readonly class LiftHeights
{
    /**
     * @param  float  $standCm  under the lowest box
     * @param  float  $groundCm  on a box that stands beside the hive
     * @param  float  $bedCm  of a barrow or a truck bed
     * @param  float  $depthCm  of a box whose kind has no width of its own
     */
    public function __construct(
        public float $standCm = 26.0,
        public float $groundCm = 40.0,
        public float $bedCm = 80.0,
        public float $depthCm = 41.0,
    ) {
    }

    /** From where a box is held onto the bed. */
    public function ontoBed(float $loadKg, float $fromCm, float $widthMm): Lift
    {
        $depth = $widthMm > 0.0 ? 0.1 * $widthMm : $this->depthCm;

        return new Lift($loadKg, $fromCm, $this->bedCm, Lift::reachCm($depth, min($fromCm, $this->bedCm)));
    }
}
