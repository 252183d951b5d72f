<?php

declare(strict_types=1);

namespace Marjoram\Core\Flow;

use DateTimeImmutable;

/** A step that no bees explain, taken out of the gains: a box put on or taken off, where somebody noted it. */
final readonly class ScaleStep
{
    public function __construct(public DateTimeImmutable $at, public float $kg, public bool $isNoted = false)
    {
    }
}
