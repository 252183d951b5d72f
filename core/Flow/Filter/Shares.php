<?php

declare(strict_types=1);

namespace Marjoram\Core\Flow\Filter;

/** How likely a day was before the flow, in a strong or slow one, or after it; they add up to 1. */
final readonly class Shares
{
    public function __construct(public float $before, public float $slow, public float $strong, public float $over)
    {
    }

    public function logOdds(): float
    {
        return log($this->over / max(1e-12, 1.0 - $this->over));
    }
}
