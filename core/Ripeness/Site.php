<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

/**
 * What one frame says of its own fill (F) and capping (X): a Gaussian in their deviations from what was expected there,
 * by its precision matrix and its precision times mean.
 */
final readonly class Site
{
    public function __construct(
        public float $ff = 0.0,
        public float $fx = 0.0,
        public float $xx = 0.0,
        public float $f = 0.0,
        public float $x = 0.0,
    ) {
    }

    /** The same, as surely as this weight says. */
    public function times(float $weight): self
    {
        return new self(
            $weight * $this->ff,
            $weight * $this->fx,
            $weight * $this->xx,
            $weight * $this->f,
            $weight * $this->x,
        );
    }

    /** The same in deviations from an expectation that is lower by this much. */
    public function shifted(float $fill, float $capped): self
    {
        return new self(
            $this->ff,
            $this->fx,
            $this->xx,
            $this->f + $this->ff * $fill + $this->fx * $capped,
            $this->x + $this->fx * $fill + $this->xx * $capped,
        );
    }

    /** Of a frame that nobody pulled: it was said to look like another. */
    public function glanced(): self
    {
        $more = RipenessAssumptions::GLANCED_VARIANCE;
        $fill = 1.0 / (1.0 + $this->ff * $more);
        $capped = 1.0 / (1.0 + $this->xx * $more);

        return new self($this->ff * $fill, 0.0, $this->xx * $capped, $this->f * $fill, $this->x * $capped);
    }
}
