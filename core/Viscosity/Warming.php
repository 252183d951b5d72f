<?php

declare(strict_types=1);

namespace Marjoram\Core\Viscosity;

use Marjoram\Core\InvalidInput;

/**
 * Honey that is dry and thick is warmed in its combs until it leaves them in the extractor. How long that takes in
 * moving warm air, and how thin it must be, is common practice (a night or two; honey of 17.5 % spins at 22 C).
 */
final readonly class Warming
{
    /** Pa s; thicker, it stays in the cells. */
    public const SPINS_AT = 10.0;

    /** Wax of combs softens above. */
    public const MOST_C = 38.0;

    /** In which a super in moving air comes as near to the room's warmth as to a third of what was missing. */
    private const HOURS = 8.0;

    public function __construct(private Viscosity $viscosity = new Viscosity)
    {
    }

    /** The least warmth, C, at which honey of this water leaves the cells. */
    public function neededC(float $waterPct): float
    {
        [$lo, $hi] = [Viscosity::LEAST_C, Viscosity::MOST_C];
        for ($i = 0; $i < 40; $i++) {
            $mid = 0.5 * ($lo + $hi);
            $this->viscosity->paS($mid, $waterPct) > self::SPINS_AT ? $lo = $mid : $hi = $mid;
        }

        return $hi;
    }

    /**
     * Hours until it does; infinite where the room is not warm enough.
     *
     * @param  float  $roomC  5 to 60
     * @param  float  $honeyC  as it came in, 0 to 60
     *
     * @throws InvalidInput when a value is out of range
     */
    public function hours(float $waterPct, float $roomC, float $honeyC): float
    {
        InvalidInput::unlessWithin($roomC, 0.0, 60.0, 'The temperature of the room', '/temperature_c');
        InvalidInput::unlessWithin($honeyC, 0.0, 60.0, 'The temperature of the honey', '/honey_c');
        $needed = $this->neededC($waterPct);

        return match (true) {
            $honeyC >= $needed => 0.0,
            $roomC <= $needed => INF,
            default => self::HOURS * log(($roomC - $honeyC) / ($roomC - $needed)),
        };
    }
}
