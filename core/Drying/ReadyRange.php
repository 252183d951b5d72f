<?php

declare(strict_types=1);

namespace Marjoram\Core\Drying;

/** When a stack is dry enough: hours since it came in. Infinite where the air of the room does not bring it there. */
final readonly class ReadyRange
{
    /**
     * @param  float  $pEver  that it comes there at all
     * @param  float  $endPct  water that this air brings it to in the end
     */
    public function __construct(
        public float $hours,
        public float $lo,
        public float $hi,
        public float $pEver,
        public float $endPct,
    ) {
    }
}
