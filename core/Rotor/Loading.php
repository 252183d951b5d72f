<?php

declare(strict_types=1);

namespace Marjoram\Core\Rotor;

/** Which frame stands in which slot of the rotor, and how far it is out of balance. */
final readonly class Loading
{
    /**
     * @param  list<?RotorFrame>  $slots  from the first, around
     * @param  bool  $exact  no other order is better
     * @param  float  $asGivenG  out of balance as the frames came
     */
    public function __construct(
        public array $slots,
        public float $imbalanceG,
        public float $angleDeg,
        public bool $exact,
        public float $asGivenG,
    ) {
    }

    public function hasFresh(): bool
    {
        return array_filter($this->slots, static fn (?RotorFrame $one): bool => $one?->fresh === true) !== [];
    }

    /** Fresh combs and old ones together; a counterweight counts as old. */
    public function isMixed(): bool
    {
        return $this->hasFresh()
            && array_filter($this->slots, static fn (?RotorFrame $one): bool => $one?->fresh === false) !== [];
    }

    /**
     * Force on the bearing, N: what is out of balance times the radius times the square of the angular speed.
     *
     * @param  float  $radiusCm  from the shaft to the middle of the combs
     */
    public function forceN(float $radiusCm, float $rpm): float
    {
        return $this->imbalanceG / 1000.0 * $radiusCm / 100.0 * (2.0 * M_PI * $rpm / 60.0) ** 2;
    }
}
