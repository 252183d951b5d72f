<?php

declare(strict_types=1);

namespace App\YardState\Looks;

use DateTimeImmutable;
use Marjoram\Core\Comb\Frame;

/** The newest look at a box since it stands in its hive, and what the one before found. */
final readonly class Look
{
    /**
     * @param  ?string  $id  null where nobody has looked
     * @param  ?float  $eyeOffset  by which the capped shares are corrected at one half, 0 to 1
     * @param  array<int, Frame>  $frames  by slot
     * @param  list<NotedReading>  $readings
     * @param  list<int>  $gaps  slots without a frame: it was taken out
     */
    public function __construct(
        public ?string $id = null,
        public ?DateTimeImmutable $at = null,
        public ?string $shake = null,
        public ?float $eyeOffset = null,
        public array $frames = [],
        public array $readings = [],
        public ?float $daysSinceLast = null,
        public ?float $lastCappedShare = null,
        public array $gaps = [],
    ) {
    }

    /**
     * The same with frames that came or went since.
     *
     * @param  array<int, Frame>  $frames  by slot
     * @param  list<int>  $gaps
     */
    public function with(array $frames, array $gaps): self
    {
        return new self(
            $this->id,
            $this->at,
            $this->shake,
            $this->eyeOffset,
            $frames,
            $this->readings,
            $this->daysSinceLast,
            $this->lastCappedShare,
            $gaps,
        );
    }
}
