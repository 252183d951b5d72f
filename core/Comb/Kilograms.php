<?php

declare(strict_types=1);

namespace Marjoram\Core\Comb;

/**
 * Kilograms with two kinds of error: one that all estimates share (how full comb is), and each estimate's own.
 *
 * The shared error adds up as the kilograms do; own ones add up as squares, since they fall both ways.
 */
final readonly class Kilograms
{
    /**
     * @param  float  $commonSdKg  standard deviation of what all share
     * @param  float  $ownSdKg  standard deviation of its own
     */
    public function __construct(public float $kg, public float $commonSdKg = 0.0, public float $ownSdKg = 0.0)
    {
    }

    /**
     * Of an estimate whose whole error is known: what all share is this share of it, the rest its own.
     *
     * @param  float  $sdKg  standard deviation of both errors together
     * @param  float  $commonShare  of the kilograms, as a standard deviation
     */
    public static function of(float $kg, float $sdKg, float $commonShare): self
    {
        $common = min($sdKg, $commonShare * $kg);

        return new self($kg, $common, sqrt($sdKg ** 2 - $common ** 2));
    }

    /**
     * @param  iterable<self>  $parts
     * @return self 0 kg known for sure where there are none
     */
    public static function sum(iterable $parts): self
    {
        $kg = $common = $ownVariance = 0.0;
        foreach ($parts as $part) {
            $kg += $part->kg;
            $common += $part->commonSdKg;
            $ownVariance += $part->ownSdKg ** 2;
        }

        return new self($kg, $common, sqrt($ownVariance));
    }

    /** Standard deviation of both errors together, kg. */
    public function sdKg(): float
    {
        return hypot($this->commonSdKg, $this->ownSdKg);
    }

    /** So much more (or less), known for sure. */
    public function and(float $kg): self
    {
        return new self($this->kg + $kg, $this->commonSdKg, $this->ownSdKg);
    }
}
