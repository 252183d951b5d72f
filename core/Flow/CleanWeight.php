<?php

declare(strict_types=1);

namespace Marjoram\Core\Flow;

use DateTimeImmutable;

/** A weight less what the keeper put on, plus what was taken off; it may lie below zero. */
final readonly class CleanWeight
{
    public function __construct(public DateTimeImmutable $at, public float $kg)
    {
    }
}
