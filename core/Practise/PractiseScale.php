<?php

declare(strict_types=1);

namespace Marjoram\Core\Practise;

use Marjoram\Core\Moisture\Reading;
use Marjoram\Core\Moisture\RefractometerScale;
use Marjoram\Core\Moisture\Refractometry;
use Marjoram\Core\Numerics\SeededRandom;

/**
 * A hidden sample under an instrument that does not correct for temperature: what its water scale shows, and what
 * the honey has at 20 C.
 */
final readonly class PractiseScale
{
    public const FROM_PCT = 13.0;

    public const TO_PCT = 25.0;

    private function __construct(public float $shownPct, public float $temperatureC, public float $waterPct)
    {
    }

    public static function draw(int $seed): self
    {
        $random = new SeededRandom($seed);
        $water = round($random->between(15.5, 21.5), 1);
        $temperature = round($random->between(8.0, 34.0), 0);

        return new self(self::shown($water, $temperature), $temperature, $water);
    }

    /** What a water scale made for 20 C shows of honey at another temperature. */
    public static function shown(float $waterPct, float $temperatureC): float
    {
        return Refractometry::waterOfIndex(
            Refractometry::indexOfWater($waterPct) - Refractometry::INDEX_PER_DEGREE * ($temperatureC - 20.0),
        );
    }

    /** What a reading of this scale comes to at 20 C. */
    public function corrected(float $readPct): float
    {
        return (new Refractometry)->convert(
            new Reading(RefractometerScale::Water, $readPct, $this->temperatureC, false),
        )->waterPct;
    }
}
