<?php

declare(strict_types=1);

namespace Marjoram\Core\Reserve;

use DateTimeImmutable;

/** What is left of a hive's stores on a day, over the winters simulated; kg. */
final readonly class StoresOn
{
    /**
     * @param  float  $low  a tenth of winters leave less
     * @param  float  $high  a tenth of winters leave more
     * @param  float  $pLeft  probability that stores are left, 0 to 1
     */
    public function __construct(
        public DateTimeImmutable $on,
        public float $low,
        public float $middle,
        public float $high,
        public float $pLeft,
    ) {
    }
}
