<?php

declare(strict_types=1);

namespace App\Apiary\Inspections;

/** What was noted of a frame's comb: its kind or state, and the year it was drawn in. */
final readonly class CombNote
{
    public function __construct(public string $comb, public ?int $year)
    {
    }
}
