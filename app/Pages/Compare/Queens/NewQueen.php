<?php

declare(strict_types=1);

namespace App\Pages\Compare\Queens;

/** A hive that gets another queen, and whose daughter she is to be; none, where no queen is marked to breed from. */
final readonly class NewQueen
{
    public function __construct(public KnownQueen $queen, public string $why, public ?KnownQueen $mother)
    {
    }
}
