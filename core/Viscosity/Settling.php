<?php

declare(strict_types=1);

namespace Marjoram\Core\Viscosity;

use Marjoram\Core\Comb\Density;
use Marjoram\Core\InvalidInput;

/** How long until wax, froth and bubbles have risen: Stokes' law for small spheres in a thick liquid. */
final readonly class Settling
{
    private const GRAVITY = 9.81;

    private const SECONDS_A_DAY = 86400.0;

    public function __construct(
        private Viscosity $viscosity = new Viscosity,
        private Density $density = new Density,
    ) {
    }

    /**
     * @param  float  $particleMm  across, 0.01 to 5; a fifth of a millimetre is a small crumb of wax
     * @param  float  $particleDensity  kg a cubic metre, 0 (a bubble) to 1300; wax has about 960
     * @return float cm that they rise a day
     *
     * @throws InvalidInput when a value is out of range, or they would sink
     */
    public function riseCmPerDay(
        float $celsius,
        float $waterPct,
        float $particleMm = 0.2,
        float $particleDensity = 960.0,
    ): float {
        InvalidInput::unlessWithin($particleMm, 0.01, 5.0, 'The size of the particles', '/particle_mm');
        InvalidInput::unlessWithin($particleDensity, 0.0, 1300.0, 'The density of the particles', '/particle_density');
        $lighter = 1000.0 * $this->density->kgPerLitre($waterPct) - $particleDensity;
        $drag = 18.0 * $this->viscosity->paS($celsius, $waterPct);
        $metres = $lighter * self::GRAVITY * ($particleMm / 1000.0) ** 2 / $drag;

        return 100.0 * $metres * self::SECONDS_A_DAY;
    }

    /** @param  float  $depthCm  of the honey, 1 to 500 */
    public function hoursToClear(float $depthCm, float $riseCmPerDay): float
    {
        InvalidInput::unlessWithin($depthCm, 1.0, 500.0, 'The depth', '/depth_cm');

        return 24.0 * $depthCm / $riseCmPerDay;
    }
}
