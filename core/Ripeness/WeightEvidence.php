<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

use Marjoram\Core\Comb\FittedBox;

/** The honey of a super by its weight, or by how heavy it felt. */
final readonly class WeightEvidence
{
    private const SCALE_SD_KG = 0.3;

    /** The presumed weight of an empty box is off by this part of itself. */
    private const TARE_SD = 0.06;

    private const HEFT_SD = 0.25;

    /** Never 0: a heft of an empty kind would be known for sure. */
    private const LEAST = 1e-4;

    /** @param  float  $kg  honey; $variance: of its error, kg^2 */
    private function __construct(public float $kg, public float $variance)
    {
    }

    public static function of(BoxWeight $weight, FittedBox $box, FullFrame $full): self
    {
        if ($weight->heft !== null) {
            $all = $full->frames * $full->cappedKg;

            return new self($weight->heft->share() * $all, max(self::LEAST, (self::HEFT_SD * $all) ** 2));
        }
        $tare = $weight->tareKg ?? $box->kind->emptyMassKg;
        $tareSd = $weight->tareKg === null ? self::TARE_SD * $tare : 0.0;

        return new self((float) $weight->grossKg - $tare, self::SCALE_SD_KG ** 2 + $tareSd ** 2);
    }
}
