<?php

declare(strict_types=1);

namespace App\Pages\Compare;

/** What the queens of a line gave, as a plain mean. */
final readonly class QueenLine
{
    public function __construct(public string $line, public int $queens, public float $kg)
    {
    }
}
