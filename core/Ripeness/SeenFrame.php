<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

use Marjoram\Core\Comb\Frame;

/** A frame that was seen, with what was expected of its slot and what it says. */
final readonly class SeenFrame
{
    public function __construct(
        public Frame $frame,
        public Painted $painted,
        public SlotPrior $prior,
        public Site $site,
    ) {
    }

    /** Whether it says anything of the others: it was pulled, and the keeper did not choose its place. */
    public function teaches(): bool
    {
        return ! $this->frame->glanced && ! $this->frame->moved;
    }

    public function isUnstated(): bool
    {
        return $this->painted->open === null;
    }

    public function with(Site $site): self
    {
        return new self($this->frame, $this->painted, $this->prior, $site);
    }
}
