<?php

declare(strict_types=1);

namespace Marjoram\Core\Reserve;

use Marjoram\Core\InvalidInput;

/**
 * How much more or less than calculated the colonies of a yard use, from weighings in winter.
 *
 * A yard's factor is N(1, 0.15^2), a hive's N(yard, 0.10^2), an observed ratio N(hive, its own variance): two steps of
 * the normal-normal update, so that a single weighing moves a hive a little and its yard less (Gelman et al., Bayesian
 * Data Analysis, 3rd ed. 2013, ch. 5). Of several observations of a hive the weighted mean counts. O(observations).
 */
final readonly class UseCalibration
{
    public const YARD_SD = 0.15;

    public const HIVE_SD = 0.1;

    /** Temperatures of a stretch of winter are known to within this share of its use. */
    private const WEATHER_SD = 0.06;

    /**
     * @param  array<array-key, HiveUse>  $hives  by hive
     */
    private function __construct(public float $factor, public float $sd, public array $hives, private float $prior)
    {
    }

    /**
     * @param  array<array-key, non-empty-list<UseObservation>>  $observed  by hive
     * @param  float  $prior  factor from which to start: what earlier winters said
     *
     * @throws InvalidInput when a calculated use is not above zero
     */
    public static function of(array $observed, float $prior = 1.0): self
    {
        $ratios = [];
        foreach ($observed as $hive => $observations) {
            $precision = $sum = 0.0;
            foreach ($observations as $i => $one) {
                InvalidInput::unlessWithin(
                    $one->calculatedKg,
                    0.05,
                    100.0,
                    'The calculated use',
                    "/$hive/$i/calculatedKg",
                );
                $variance = ($one->usedSdKg / $one->calculatedKg) ** 2 + self::WEATHER_SD ** 2;
                $precision += 1.0 / $variance;
                $sum += $one->usedKg / $one->calculatedKg / $variance;
            }
            $ratios[$hive] = [$sum / $precision, 1.0 / $precision];
        }
        $precision = self::YARD_SD ** -2;
        $sum = $prior * $precision;
        foreach ($ratios as [$ratio, $variance]) {
            $precision += 1.0 / (self::HIVE_SD ** 2 + $variance);
            $sum += $ratio / (self::HIVE_SD ** 2 + $variance);
        }
        [$yard, $yardVariance] = [$sum / $precision, 1.0 / $precision];
        $hives = [];
        foreach ($ratios as $hive => [$ratio, $variance]) {
            $p = 1.0 / (self::HIVE_SD ** 2 + $yardVariance);
            $precision = $p + 1.0 / $variance;
            $factor = ($yard * $p + $ratio / $variance) / $precision;
            $hives[$hive] = new HiveUse(max(0.4, min(2.5, $factor)), sqrt(1.0 / $precision), $ratio);
        }

        return new self(max(0.4, min(2.5, $yard)), sqrt($yardVariance), $hives, $prior);
    }

    /** The factor of a hive: its own if it was weighed, otherwise its yard's. */
    public function factorOf(string $hive): float
    {
        return $this->hives[$hive]->factor ?? ($this->hives === [] ? $this->prior : $this->factor);
    }

    /** The doubt of that factor: a hive that was not weighed is as its yard, and differs from it. */
    public function sdOf(string $hive): float
    {
        return $this->hives[$hive]->sd ?? hypot($this->sd, self::HIVE_SD);
    }
}
