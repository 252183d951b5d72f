<?php

declare(strict_types=1);

namespace App\Pages\Desk;

use DateTimeImmutable;

/** What was taken on a day. */
final readonly class SeasonHarvest
{
    public function __construct(public DateTimeImmutable $on, public float $kg)
    {
    }
}
