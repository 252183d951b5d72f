<?php

declare(strict_types=1);

namespace Marjoram\Core\Rounds;

/** What is charged for a visit, in minutes of the crew. */
final readonly class VisitCharge
{
    public function __construct(public float $weather, public float $robbing, public float $late)
    {
    }

    public function total(): float
    {
        return $this->weather + $this->robbing + $this->late;
    }
}
