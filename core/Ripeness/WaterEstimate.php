<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

use Marjoram\Core\Moisture\Moisture;
use Marjoram\Core\Moisture\Reading;
use Marjoram\Core\Numerics\Normal;

/**
 * The water of a super's honey: from readings where there are any, else presumed from its capping and the shake test.
 */
final readonly class WaterEstimate
{
    private function __construct(
        public float $meanPct,
        public float $sdPct,
        public bool $measured,
        public float $pAtMost,
    ) {
    }

    /** @param  non-empty-list<Reading>  $readings */
    public static function measured(array $readings, float $limitPct): self
    {
        $result = (new Moisture)->of($readings, $limitPct);

        return new self($result->meanWaterPct, $result->meanScalePct(), true, $result->probabilityAtMost($limitPct));
    }

    /**
     * Capped and open honey by mass: a full capped comb holds 0.70 of its volume, an open one 0.35, so open
     * honey weighs half as much on the same area.
     */
    public static function presumed(
        float $cappedShare,
        ?Shake $shake,
        float $limitPct,
        RipenessAssumptions $assumptions,
    ): self {
        $capped = $cappedShare / ($cappedShare + 0.5 * (1.0 - $cappedShare));
        [$openMean, $openSd] = $assumptions->openWaterPct[$shake->value ?? 'none'];
        $mean = $capped * $assumptions->cappedWaterPct + (1.0 - $capped) * $openMean;
        $sd = sqrt(($capped * $assumptions->cappedWaterSdPct) ** 2 + ((1.0 - $capped) * $openSd) ** 2);

        return new self($mean, $sd, false, Normal::cdf(($limitPct - $mean) / $sd));
    }

    /** @return array{float, float} per cent, in 8 of 10 cases */
    public function range(): array
    {
        return [$this->meanPct - Normal::EIGHTY * $this->sdPct, $this->meanPct + Normal::EIGHTY * $this->sdPct];
    }
}
