<?php

declare(strict_types=1);

namespace App\YardState\Flow;

use DateTimeImmutable;
use Marjoram\Core\Flow\Evidence;
use Marjoram\Core\Flow\FlowEnd;
use Marjoram\Core\Flow\FlowResult;
use Marjoram\Core\Flow\Phase;
use Marjoram\Core\Ripeness\NectarFlow;

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
    public function __construct(
        public FlowResult $result,
        public ?string $scaleHive,
        public ?string $presumedFrom,
        public array $evidence,
    ) {
    }

    /** As far as it bears on ripening. */
    public function forRipeness(): NectarFlow
    {
        $phase = $this->result->phase;

        return match (true) {
            $phase === Phase::Unknown && $this->evidence === [] => NectarFlow::Unknown,
            $this->result->pOver >= self::OVER => NectarFlow::Over,
            $this->result->pOver <= 0.25 || $phase === Phase::Strong => NectarFlow::On,
            default => NectarFlow::Slow,
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
            NectarFlow::Over => __('The flow is over.'),
            NectarFlow::On => __('The flow is on.'),
            NectarFlow::Slow => __('The flow is slowing.'),
            NectarFlow::Unknown => __('Nothing is known of the flow.'),
        };
    }
}
