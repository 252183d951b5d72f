<?php

declare(strict_types=1);

namespace Marjoram\Core\Reserve;

use Marjoram\Core\Comb\Kilograms;
use Marjoram\Core\InvalidInput;
use Marjoram\Core\Numerics\Normal;

/** What one colony will use of its stores until the first flow, as a distribution; kg. */
final readonly class ColonyNeed
{
    private const POINTS = 200;

    /** Stores are calculated to this many kg. */
    private const PRECISION_KG = 0.001;

    public float $scale;

    /**
     * @param  float  $framesOfBees  1 to 40
     * @param  float  $factor  how much more or less than usual this colony uses, 0.2 to 5
     *
     * @throws InvalidInput when a value is out of range
     */
    public function __construct(
        private WinterUse $use,
        float $framesOfBees,
        float $factor = 1.0,
        ReserveAssumptions $assumptions = new ReserveAssumptions,
    ) {
        InvalidInput::unlessWithin($framesOfBees, 1.0, 40.0, 'The frames of bees', '/colony/frames_of_bees');
        InvalidInput::unlessWithin($factor, 0.2, 5.0, 'The factor', '/factor');
        $this->scale = WinterUse::scale($framesOfBees, $factor, $assumptions);
    }

    public function meanKg(): float
    {
        return $this->scale * $this->use->meanKg;
    }

    public function sdKg(): float
    {
        return $this->scale * $this->use->sdKg;
    }

    /** @return array<array-key, float> by month (2026-10), at the expected values */
    public function kgByMonth(): array
    {
        return array_map(fn (float $kg): float => $kg * $this->scale, $this->use->kgByMonth);
    }

    /** The kg that suffice with this probability. */
    public function quantile(float $p): float
    {
        return $this->scale * $this->use->quantile($p);
    }

    /** Probability that these stores last. */
    public function pEnough(Kilograms $stores): float
    {
        $sd = $stores->sdKg();
        if ($sd === 0.0) {
            return $this->use->shareUnder($stores->kg / $this->scale);
        }
        $sum = 0.0;
        for ($i = 0; $i < self::POINTS; $i++) {
            $over = $stores->kg - $this->quantile(($i + 0.5) / self::POINTS);
            $sum += Normal::cdf($over / $sd);
        }

        return $sum / self::POINTS;
    }

    /** kg that these stores lack (above zero) or have to spare (below) for this probability; their doubt stays. */
    public function lacks(Kilograms $stores, float $confidence): float
    {
        if ($stores->sdKg() === 0.0) {
            return $this->quantile($confidence) - $stores->kg;
        }
        $spread = 6.0 * $stores->sdKg();
        $low = $this->quantile(0.0) - $stores->kg - $spread;
        $high = $this->quantile(1.0) - $stores->kg + $spread;
        while ($high - $low > self::PRECISION_KG) {
            $middle = 0.5 * ($low + $high);
            if ($this->pEnough($stores->and($middle)) >= $confidence) {
                $high = $middle;
            } else {
                $low = $middle;
            }
        }

        return $high;
    }
}
