<?php

declare(strict_types=1);

namespace Marjoram\Core\Lifting;

use Marjoram\Core\InvalidInput;

/**
 * One lift: the load (kg), where the hands start and end (cm above the ground), how far out, how twisted, how often.
 */
final readonly class Lift
{
    /**
     * @param  float  $horizontalCm  from the ankles to the hands; reachCm() says it of a box
     * @param  float  $hours  of lifting in one go, up to 8
     *
     * @throws InvalidInput when a value is out of range
     */
    public function __construct(
        public float $loadKg,
        public float $fromHeightCm,
        public float $toHeightCm,
        public float $horizontalCm = 40.0,
        public float $twistDeg = 0.0,
        public float $liftsPerMin = 0.2,
        public float $hours = 1.0,
        public Coupling $coupling = Coupling::Fair,
    ) {
        InvalidInput::unlessWithin($loadKg, 0.0, 1000.0, 'The load', '/load_kg');
        InvalidInput::unlessWithin($fromHeightCm, 0.0, 300.0, 'The height at the start', '/from_height_cm');
        InvalidInput::unlessWithin($toHeightCm, 0.0, 300.0, 'The height at the end', '/to_height_cm');
        InvalidInput::unlessWithin($horizontalCm, 0.0, 200.0, 'The reach', '/horizontal_cm');
        InvalidInput::unlessWithin($twistDeg, 0.0, 180.0, 'The twist', '/twist_deg');
        InvalidInput::unlessWithin($liftsPerMin, 0.0, 20.0, 'The lifts a minute', '/lifts_per_min');
        InvalidInput::unlessWithin($hours, 0.0, 8.0, 'The hours', '/hours');
    }

    /**
     * How far out the hands are that hold a box by its ends: 20 cm and half its depth, or 25 cm and half where it
     * stands lower than 25 cm (NIOSH 94-110, section 1.1.5, where the distance cannot be measured; from memory).
     *
     * @param  float  $depthCm  of the box, away from the body
     * @param  float  $heightCm  of the hands, at the lower end of the lift
     */
    public static function reachCm(float $depthCm, float $heightCm): float
    {
        return ($heightCm < 25.0 ? 25.0 : 20.0) + 0.5 * $depthCm;
    }
}
