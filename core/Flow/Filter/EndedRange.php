<?php

declare(strict_types=1);

namespace Marjoram\Core\Flow\Filter;

/** The day since which the flow is over, and between which days that lies in 8 of 10 cases. */
final readonly class EndedRange
{
    public function __construct(public string $median, public string $from, public string $to)
    {
    }
}
