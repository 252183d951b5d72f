<?php

declare(strict_types=1);

namespace Marjoram\Core;

use BackedEnum;
use DateTimeImmutable;

/**
 * Something the core has to say: what it is, and the figures in it by name. The words are the application's.
 *
 * Figures are in the core's units; a share is 0 to 1, a date a date, a name of the core's an enum's case.
 */
final readonly class Statement
{
    /** @param  array<string, float|int|string|DateTimeImmutable|BackedEnum|list<string>>  $figures */
    public function __construct(public BackedEnum $what, public array $figures = [])
    {
    }
}
