<?php

declare(strict_types=1);

namespace Marjoram\Core\Calibration;

use Marjoram\Core\InvalidInput;
use Marjoram\Core\Moisture\Reading;
use Marjoram\Core\Moisture\Refractometry;

/** The offset of a refractometer from readings of a sample whose water is known. */
final readonly class InstrumentCheck
{
    private const REACH = ['water' => 8.0, 'nd' => 0.02, 'brix' => 8.0];

    private function __construct(public float $offset, public float $sd, public int $count)
    {
    }

    /**
     * @param  non-empty-list<Reading>  $readings  of one scale, as read (their own offsets are left out)
     * @param  float  $knownWaterPct  10 to 30
     *
     * @throws InvalidInput when readings are of different scales or further off than an offset can mend
     */
    public static function of(array $readings, float $knownWaterPct): self
    {
        InvalidInput::unlessWithin($knownWaterPct, 10.0, 30.0, 'The known water', '/known_water_pct');
        $offsets = [];
        foreach ($readings as $i => $reading) {
            if ($reading->scale !== $readings[0]->scale) {
                throw InvalidInput::because('The readings are of different scales.', 'one scale', "/readings/$i/scale");
            }
            $offsets[] = self::offset($reading, $knownWaterPct, $i);
        }
        $count = count($offsets);
        $mean = array_sum($offsets) / $count;
        $squares = array_sum(array_map(static fn (float $one): float => ($one - $mean) ** 2, $offsets));

        return new self($mean, $count > 1 ? sqrt($squares / ($count - 1) / $count) : 0.0, $count);
    }

    /** By bisection: water falls or rises steadily with the offset on every scale. */
    private static function offset(Reading $reading, float $known, int $i): float
    {
        $reach = self::REACH[$reading->scale->value];
        [$lo, $hi] = [-$reach, $reach];
        $rising = $reading->scale->value === 'water';
        $refractometry = new Refractometry;
        for ($step = 0; $step < 60; $step++) {
            $mid = 0.5 * ($lo + $hi);
            $tooWet = self::water($refractometry, $reading, $mid) > $known;
            [$lo, $hi] = $tooWet === $rising ? [$lo, $mid] : [$mid, $hi];
        }
        $offset = 0.5 * ($lo + $hi);
        if ($reach - abs($offset) < 1e-6 * $reach) {
            throw InvalidInput::because(
                'This reading is too far from the known water for an offset to mend it.',
                "an offset of at most $reach",
                "/readings/$i/value",
            );
        }

        return $offset;
    }

    private static function water(Refractometry $refractometry, Reading $reading, float $offset): float
    {
        return $refractometry->waterUnchecked(
            new Reading($reading->scale, $reading->value, $reading->temperatureC, $reading->compensated, $offset),
        );
    }
}
