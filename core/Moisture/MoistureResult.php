<?php

declare(strict_types=1);

namespace Marjoram\Core\Moisture;

use Marjoram\Core\Numerics\StudentT;

/** Water of a body of honey with its uncertainty; a t distribution around the mean. */
final readonly class MoistureResult
{
    /**
     * @param  list<ConvertedReading>  $readings
     * @param  float  $sdPct  of a single reading
     * @param  float  $effectiveReadings  so many of one mass would say as much
     */
    public function __construct(
        public array $readings,
        public float $meanWaterPct,
        public float $sdPct,
        public float $degreesOfFreedom,
        public float $effectiveReadings,
        public float $limitPct,
        public bool $heather,
    ) {
    }

    /** Standard error of the mean (scale of its t distribution), %. */
    public function meanScalePct(): float
    {
        return $this->sdPct / sqrt($this->effectiveReadings);
    }

    /** @return array{float, float} */
    public function interval(float $level = 0.95): array
    {
        $half = $this->meanScalePct() * StudentT::quantile(0.5 + 0.5 * $level, $this->degreesOfFreedom);

        return [$this->meanWaterPct - $half, $this->meanWaterPct + $half];
    }

    public function probabilityAtMost(float $waterPct): float
    {
        return StudentT::cdf(($waterPct - $this->meanWaterPct) / $this->meanScalePct(), $this->degreesOfFreedom);
    }

    public function withinCodex(): bool
    {
        return $this->meanWaterPct <= Standards::codexLimitPct($this->heather);
    }
}
