<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

/** The schools of ripeness: what a practitioner asks of a super before it is taken. */
enum RipenessSchool: string
{
    /** Every cell sealed: a capped share of at least 97 %. */
    case CappedOnly = 'capped-only';

    /** At least nine tenths sealed. */
    case Capped90 = 'capped-90';

    /** A lower capped share if the refractometer says that the whole is dry enough; measures what the others infer. */
    case CappedAndRefractometer = 'capped-and-refractometer';

    /** Water alone, capped or not: honey of dry seasons. */
    case Refractometer = 'refractometer';

    public function asksForWater(): bool
    {
        return $this === self::CappedAndRefractometer || $this === self::Refractometer;
    }

    public function asksForCapping(): bool
    {
        return $this !== self::Refractometer;
    }

    /** The capped share that this school asks for; $cappedMin is the policy's own for the third school. */
    public function cappedShareNeeded(float $cappedMin): float
    {
        return match ($this) {
            self::CappedOnly => 0.97,
            self::Capped90 => 0.9,
            self::CappedAndRefractometer => $cappedMin,
            self::Refractometer => 0.0,
        };
    }
}
