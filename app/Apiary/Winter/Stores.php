<?php

declare(strict_types=1);

namespace App\Apiary\Winter;

use DateTimeImmutable;

/** kg of honey found in a hive's brood boxes, how and when. */
final readonly class Stores
{
    public function __construct(
        public float $kg,
        public float $sdKg,
        public HowKnown $how,
        public ?DateTimeImmutable $on,
    ) {
    }
}
