<?php

declare(strict_types=1);

namespace Marjoram\Core\Numerics;

use Marjoram\Core\InvalidInput;

/** A number of iterations: the same plan for the same seed on every machine. */
final readonly class IterationBudget implements Budget
{
    /** @throws InvalidInput when it is negative */
    public function __construct(private int $iterations)
    {
        InvalidInput::unlessWithin($iterations, 0, 1_000_000_000, 'The iterations', '/budget_iterations');
    }

    public function isSpent(int $iterations): bool
    {
        return $iterations >= $this->iterations;
    }
}
