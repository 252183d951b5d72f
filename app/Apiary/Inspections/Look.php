<?php

declare(strict_types=1);

namespace App\Apiary\Inspections;

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
     * @param  array<int, CombNote>  $combs  what was noted of combs, by slot
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
        public array $combs = [],
    ) {
    }

    /** Only what stands in the slots that there are: of frames set wider there are fewer. */
    public function within(int $slots): self
    {
        $isThere = static fn (int $slot): bool => $slot <= $slots;

        return $this->gaps === [] || max($this->gaps) <= $slots
            ? $this
            : $this->with($this->frames, array_values(array_filter($this->gaps, $isThere)), $this->combs);
    }

    /** Nothing of it counts any more but which frames there are: it was found in a season that is over. */
    public function forgotten(): self
    {
        return new self(
            frames: array_filter($this->frames, static fn (Frame $frame): bool => $frame->gone),
            gaps: $this->gaps,
            combs: $this->combs,
        );
    }

    /**
     * The same with frames that came or went since.
     *
     * @param  array<int, Frame>  $frames  by slot
     * @param  list<int>  $gaps
     * @param  array<int, CombNote>  $combs
     */
    public function with(array $frames, array $gaps, array $combs): self
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
            $combs,
        );
    }
}
