<?php

declare(strict_types=1);

namespace App\Watch;

use Marjoram\Core\Flow\FlowResult;
use Marjoram\Core\Flow\Phase;
use Marjoram\Core\Ripeness\Flow;

/** The flow at one yard: reckoned from its own scale, or presumed from a neighbour's, with its own signs. */
final readonly class YardFlow
{
    public function __construct(public FlowResult $result, public ?string $scaleHive, public ?string $presumedFrom, public bool $anySign)
    {
    }

    /** As far as it bears on ripening. */
    public function forRipeness(): Flow
    {
        $phase = $this->result->phase;

        return match (true) {
            $phase === Phase::Unknown && ! $this->anySign => Flow::Unknown,
            $this->result->pOver >= 0.8 => Flow::Over,
            $this->result->pOver <= 0.25 || $phase === Phase::Strong => Flow::On,
            default => Flow::Slow,
        };
    }

    public function sentence(): string
    {
        return match ($this->forRipeness()) {
            Flow::Over => __('The flow is over.'),
            Flow::On => __('The flow is on.'),
            Flow::Slow => __('The flow is slowing.'),
            Flow::Unknown => __('Nothing is known of the flow.'),
        };
    }
}
