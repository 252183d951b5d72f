<?php

declare(strict_types=1);

namespace Marjoram\Core\Moisture;

use Marjoram\Core\InvalidInput;
use Marjoram\Core\Numerics\NaturalCubicSpline;

/**
 * From a reading to the refractive index at 20 C and to water.
 *
 * Chataway (1932) revised by Wedmore (1955), as in AOAC 969.38B and the harmonised methods of the
 * International Honey Commission: W = (-0.2681 - log10(n - 1)) / 0.002243. Temperature: 0.00023 a degree.
 */
final readonly class Refractometry
{
    private const INTERCEPT = -0.2681;

    private const SLOPE = 0.002243;

    public const INDEX_PER_DEGREE = 0.00023;

    private NaturalCubicSpline $brixToIndex;

    public function __construct()
    {
        /** @var list<array{float, float}> $points */
        $points = require __DIR__.'/data/sucrose-brix.php';
        $this->brixToIndex = new NaturalCubicSpline($points);
    }

    /** Water (%) of honey of refractive index n at 20 C. */
    public static function waterOfIndex(float $index): float
    {
        return (self::INTERCEPT - log10($index - 1.0)) / self::SLOPE;
    }

    /** Refractive index at 20 C of honey of this water (%): the inverse equation. */
    public static function indexOfWater(float $waterPct): float
    {
        return 1.0 + 10.0 ** (self::INTERCEPT - self::SLOPE * $waterPct);
    }

    public function indexOfBrix(float $brix): float
    {
        return $this->brixToIndex->at($brix);
    }

    /**
     * @throws InvalidInput when the honey comes out below 10 or above 30 % water
     */
    public function convert(Reading $reading): ConvertedReading
    {
        $asRead = $this->index($reading->scale, $reading->value);
        $index = $this->indexAt20($reading);
        $water = $this->waterUnchecked($reading);
        if ($water < 10.0 - 1e-9 || $water > 30.0 + 1e-9) {
            throw InvalidInput::outOfRange('The water of this reading', $water, '10 to 30', '/value');
        }

        return new ConvertedReading($index, $water, $water - self::waterOfIndex($asRead));
    }

    /** Water (%) of a reading, also outside the range of honey; infinite if the index is impossible. */
    public function waterUnchecked(Reading $reading): float
    {
        $index = $this->indexAt20($reading);

        return $index > 1.0 ? self::waterOfIndex($index) : INF;
    }

    private function indexAt20(Reading $reading): float
    {
        $index = $this->index($reading->scale, $reading->value + $reading->offset);

        return $reading->compensated ? $index : $index + self::INDEX_PER_DEGREE * ($reading->temperatureC - 20.0);
    }

    private function index(RefractometerScale $scale, float $value): float
    {
        return match ($scale) {
            RefractometerScale::Water => self::indexOfWater($value),
            RefractometerScale::RefractiveIndex => $value,
            RefractometerScale::Brix => $this->indexOfBrix($value),
        };
    }
}
