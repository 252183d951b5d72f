<?php

declare(strict_types=1);

namespace App\Apiary\Winter;

use DateTimeImmutable;

/** kg of honey found in a hive's brood boxes, how and when. */
final readonly class Stores
{
    /** @param  ?float  $tooLittleKg  weighed stores of the hive, where its supers are drawn with more than that */
    public function __construct(
        public float $kg,
        public float $sdKg,
        public HowKnown $how,
        public ?DateTimeImmutable $on,
        public ?float $tooLittleKg = null,
    ) {
    }
}
