<?php

declare(strict_types=1);

namespace App\Rounds;

/** A super that is to come off, as far as a plan over all yards needs to know it: small, so that hundreds are at hand. */
final readonly class ComingSuper
{
    /** @param  ?string  $ripeOn  the day on which it should be ripe; null where it is */
    public function __construct(
        public string $hiveId,
        public string $code,
        public string $boxId,
        public float $kg,
        public bool $hasBrood,
        public ?string $ripeOn = null,
    ) {
    }
}
