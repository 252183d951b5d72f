<?php

declare(strict_types=1);

namespace App\Pages\Winter;

use App\Apiary\Winter\HiveWinter;
use App\Apiary\Winter\HowKnown;
use Marjoram\Core\Reserve\ReserveResult;

/** A hive in the list of a yard. Plain values, since it is cached. */
final readonly class WinterRow
{
    private function __construct(
        public string $code,
        public ReserveResult $reserve,
        public bool $measured,
        public bool $known,
        public float $takeKg,
        public bool $mustBeFed,
        public ?string $runsOut,
    ) {
    }

    public static function of(HiveWinter $winter): self
    {
        return new self(
            $winter->state->code,
            $winter->reserve,
            $winter->stores->how === HowKnown::Measured,
            $winter->isKnown(),
            $winter->take()->kg,
            $winter->mustBeFed(),
            $winter->share->runsOut,
        );
    }
}
