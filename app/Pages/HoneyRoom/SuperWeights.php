<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom;

/** A super full and spun, kg; null where it was not weighed. */
final readonly class SuperWeights
{
    public function __construct(public ?float $beforeKg, public ?float $afterKg)
    {
    }
}
