<?php

declare(strict_types=1);

namespace Marjoram\Core\Moisture;

/** What a refractometer's scale shows. */
enum RefractometerScale: string
{
    /** Water, g per 100 g of honey. */
    case Water = 'water';

    /** Refractive index at the sodium D line. */
    case RefractiveIndex = 'nd';

    /** Degrees Brix: g of sucrose per 100 g of a sugar solution of the same refractive index. */
    case Brix = 'brix';

    /** @return array{float, float} the values that an instrument for honey can show */
    public function range(): array
    {
        return match ($this) {
            self::Water => [10.0, 30.0],
            self::RefractiveIndex => [1.44, 1.52],
            self::Brix => [58.0, 90.0],
        };
    }

    /** Instruments with a water or Brix scale mostly compensate for temperature, an Abbe instrument does not. */
    public function compensatedByDefault(): bool
    {
        return $this !== self::RefractiveIndex;
    }
}
