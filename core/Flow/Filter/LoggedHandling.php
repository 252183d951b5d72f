<?php

declare(strict_types=1);

namespace Marjoram\Core\Flow\Filter;

use DateTimeImmutable;

/** What a person did at the scale's hive; null where nobody weighed what went on or off. */
final readonly class LoggedHandling
{
    /** @param  ?float  $kg  put on; below zero taken off */
    public function __construct(public DateTimeImmutable $at, public ?float $kg = null)
    {
    }
}
