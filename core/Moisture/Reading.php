<?php

declare(strict_types=1);

namespace Marjoram\Core\Moisture;

use Marjoram\Core\InvalidInput;

/** One value read from an instrument, as read. */
final readonly class Reading
{
    public bool $compensated;

    /**
     * @param  float  $value  on its own scale (see Scale::range)
     * @param  float  $temperatureC  of the instrument, 5 to 45
     * @param  ?bool  $compensated  whether the instrument corrects for temperature itself; null takes the scale's usual
     * @param  float  $offset  calibration, added to the value on its own scale
     * @param  ?float  $massKg  of the honey that the reading stands for, if weighed
     * @param  ?CellsRead  $of  which cells it is of; null for a mixed sample, or where nobody said
     *
     * @throws InvalidInput when a value lies outside its range
     */
    public function __construct(
        public RefractometerScale $scale,
        public float $value,
        public float $temperatureC = 20.0,
        ?bool $compensated = null,
        public float $offset = 0.0,
        public ?float $massKg = null,
        public ?CellsRead $of = null,
    ) {
        [$lo, $hi] = $scale->range();
        InvalidInput::unlessWithin($value, $lo, $hi, 'The reading', '/value');
        InvalidInput::unlessWithin($temperatureC, 5.0, 45.0, 'The temperature', '/temperature_c');
        InvalidInput::unlessWithin($offset, -10.0, 10.0, 'The offset', '/offset');
        if ($massKg !== null) {
            InvalidInput::unlessWithin($massKg, 1e-6, 1e6, 'The mass', '/mass_kg');
        }
        $this->compensated = $compensated ?? $scale->compensatedByDefault();
    }
}
