<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

use Marjoram\Core\Numerics\Normal;

/** The water of a super's honey, by its capping, the shake test and readings where there are any. */
final readonly class WaterEstimate
{
    public bool $measured;

    /**
     * @param  ?float  $readPct  mean of the readings; null where there are none
     * @param  float  $pAtMost  probability that it is at most the limit
     */
    public function __construct(
        public float $meanPct,
        public float $sdPct,
        public ?float $readPct,
        public float $pAtMost,
    ) {
        $this->measured = $readPct !== null;
    }

    /** @return array{float, float} per cent, in 8 of 10 cases */
    public function range(): array
    {
        return [$this->meanPct - Normal::EIGHTY * $this->sdPct, $this->meanPct + Normal::EIGHTY * $this->sdPct];
    }
}
