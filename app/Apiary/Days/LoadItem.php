<?php

declare(strict_types=1);

namespace App\Apiary\Days;

/** Something to put on the truck. */
final readonly class LoadItem
{
    public function __construct(public string $thing, public int $count, public string $words)
    {
    }
}
