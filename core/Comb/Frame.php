<?php

declare(strict_types=1);

namespace Marjoram\Core\Comb;

use Marjoram\Core\InvalidInput;

/**
 * A frame that was looked at, in its slot (1 to the number fitted), with its two faces.
 *
 * A glanced frame was not pulled: a person said that it looks like another one of its box, so it is less certain. A
 * frame that is gone was taken out since: a gap or an empty frame is in its slot, which says nothing about the others.
 * A frame that was moved was put there by the keeper after the bees had worked it: it counts for itself alone.
 */
final readonly class Frame
{
    /** @throws InvalidInput when the slot is below 1 */
    public function __construct(
        public int $slot,
        public Face $a,
        public Face $b,
        public bool $glanced = false,
        public bool $gone = false,
        public bool $moved = false,
    ) {
        InvalidInput::unlessWithin($slot, 1, 30, 'The slot', '/slot');
    }

    /** Capped share of the comb area, both faces together. */
    public function capped(): float
    {
        return 0.5 * ($this->a->capped + $this->b->capped);
    }

    /** Capped and open honey as a share of the comb area, both faces together. */
    public function fill(): float
    {
        return 0.5 * ($this->a->honey() + $this->b->honey());
    }

    /** How much of the honey is capped; null below a twentieth of fill, where there is too little to say. */
    public function cappedShareOfHoney(float $leastFill = 0.05): ?float
    {
        $fill = $this->fill();

        return $fill >= $leastFill && $fill > 0.0 ? min(1.0, $this->capped() / $fill) : null;
    }

    /** It holds honey, or nobody said that its rest is empty. */
    public function mayHoldHoney(): bool
    {
        return ! $this->gone && (! $this->saysOpen() || $this->cappedShareOfHoney() !== null);
    }

    /** Whether open honey was stated on both faces. */
    public function saysOpen(): bool
    {
        return $this->a->saysOpen() && $this->b->saysOpen();
    }

    public function hasBrood(): bool
    {
        return $this->a->brood > 0.0 || $this->b->brood > 0.0;
    }
}
