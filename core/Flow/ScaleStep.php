<?php

declare(strict_types=1);

namespace Marjoram\Core\Flow;

use DateTimeImmutable;

/** A step of the keeper's own handling, taken out of the gains: a box put on, or taken off. */
final readonly class ScaleStep
{
    public function __construct(public DateTimeImmutable $at, public float $kg)
    {
    }
}
