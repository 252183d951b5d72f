<?php

declare(strict_types=1);

namespace Marjoram\Core\Lifting;

/** Recommended weight limit, lifting index and the multipliers at the worse end of the lift. */
final readonly class LiftResult
{
    /** Infinite where the limit is 0: no weight at all is acceptable there. */
    public float $index;

    /** @param  array{h: float, v: float, d: float, a: float, f: float, c: float}  $multipliers */
    public function __construct(public float $limitKg, public float $loadKg, public array $multipliers)
    {
        $this->index = $limitKg > 0.0 ? $loadKg / $limitKg : ($loadKg > 0.0 ? INF : 0.0);
    }

    /** The index as it is said, to a tenth, as the Applications Manual gives it; what is advised goes by this. */
    public function said(): float
    {
        return round($this->index, 1);
    }

    public function isBeyondOneBack(): bool
    {
        return $this->advice() !== LiftAdvice::OnePerson;
    }

    public function advice(): LiftAdvice
    {
        return LiftAdvice::of($this->said());
    }
}
