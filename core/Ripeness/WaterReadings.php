<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

use Marjoram\Core\Moisture\Moisture;
use Marjoram\Core\Moisture\MoistureAssumptions;
use Marjoram\Core\Moisture\Reading;

/** The readings of a super as one: their mean, and how far it may be off. */
final readonly class WaterReadings
{
    /**
     * @param  float  $effective  readings of one mass that tell as much
     * @param  float  $variance  of the mean; $instrument: the part that no further reading lowers
     * @param  float  $single  variance of one reading without the instrument's part
     */
    private function __construct(
        public float $meanPct,
        public float $effective,
        public float $variance,
        public float $instrument,
        public float $single,
    ) {
    }

    /** @param  list<Reading>  $readings */
    public static function of(array $readings, bool $isChecked, RipenessAssumptions $assumptions): self
    {
        $instrument = $isChecked ? 0.0 : $assumptions->instrumentSdPct ** 2;
        $single = $assumptions->readingSdPct ** 2 - $assumptions->instrumentSdPct ** 2;
        if ($readings === []) {
            return new self(0.0, 0.0, INF, $instrument, $single);
        }
        $result = (new Moisture(new MoistureAssumptions(priorSdPct: sqrt($single))))->of($readings);
        $k = $result->effectiveReadings;
        $spread = max($single, $result->sdPct ** 2);

        return new self($result->meanWaterPct, $k, $instrument + $spread / $k, $instrument, $single);
    }
}
