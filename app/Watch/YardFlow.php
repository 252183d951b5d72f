<?php

declare(strict_types=1);

namespace App\Watch;

use DateTimeImmutable;
use Marjoram\Core\Flow\Evidence;
use Marjoram\Core\Flow\FlowEnd;
use Marjoram\Core\Flow\FlowResult;
use Marjoram\Core\Flow\Phase;
use Marjoram\Core\Ripeness\Flow;

/** The flow at one yard: reckoned from its own scale, or presumed from a neighbour's, with its own signs. */
final readonly class YardFlow
{
    /** So likely over that it is taken to be. */
    private const OVER = 0.8;

    /**
     * @param  ?string  $scaleHive  id of the hive on the scale
     * @param  ?string  $presumedFrom  name of the yard whose scale stands in
     * @param  list<Evidence>  $evidence  what was seen
     */
    public function __construct(public FlowResult $result, public ?string $scaleHive, public ?string $presumedFrom, public array $evidence)
    {
    }

    /** As far as it bears on ripening. */
    public function forRipeness(): Flow
    {
        $phase = $this->result->phase;

        return match (true) {
            $phase === Phase::Unknown && $this->evidence === [] => Flow::Unknown,
            $this->result->pOver >= self::OVER => Flow::Over,
            $this->result->pOver <= 0.25 || $phase === Phase::Strong => Flow::On,
            default => Flow::Slow,
        };
    }

    /** The day from which it brought nothing more; null while it is not known to be over. */
    public function endedOn(): ?DateTimeImmutable
    {
        return FlowEnd::of($this->result, $this->evidence, self::OVER);
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
