<?php

declare(strict_types=1);

namespace Marjoram\Core\Comb;

use Marjoram\Core\InvalidInput;

/** The measures of one kind of hive box. Lengths in mm, comb area in dm2 of one side, mass in kg with drawn comb. */
final readonly class BoxKind
{
    /** @throws InvalidInput when a measure is not that of a hive box */
    public function __construct(
        public string $key,
        public string $name,
        public int $frames,
        public float $combAreaDm2,
        public float $insideWidthMm,
        public float $externalHeightMm,
        public float $externalLengthMm,
        public float $externalWidthMm,
        public float $emptyMassKg,
    ) {
        InvalidInput::unlessWithin($frames, 1, 30, 'The number of frames', '/frames');
        InvalidInput::unlessWithin($combAreaDm2, 0.5, 30.0, 'The comb area', '/comb_area_dm2');
        InvalidInput::unlessWithin($insideWidthMm, 100.0, 1000.0, 'The inside width', '/inside_width_mm');
        InvalidInput::unlessWithin($emptyMassKg, 0.0, 40.0, 'The empty mass', '/empty_mass_kg');
    }

    /** One frame with its drawn comb, kg: half of an empty box's weight is its frames (from memory). */
    public function frameMassKg(): float
    {
        return 0.5 * $this->emptyMassKg / $this->frames;
    }

    /** Only what the honey calculation needs, for a box described by its measures alone. */
    public static function ofMeasures(int $frames, float $combAreaDm2, float $insideWidthMm, float $emptyMassKg): self
    {
        return new self('own', 'own box', $frames, $combAreaDm2, $insideWidthMm, 0.0, 0.0, 0.0, $emptyMassKg);
    }
}
