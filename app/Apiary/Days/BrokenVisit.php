<?php

declare(strict_types=1);

namespace App\Apiary\Days;

use App\Models\Clearing;
use Marjoram\Core\Clearing\MendedVisit;
use Marjoram\Core\Clearing\Trouble;

/** A planned clearing that cannot go as planned, with the days that are proposed in place of its own. */
final readonly class BrokenVisit
{
    public function __construct(public Clearing $clearing, public MendedVisit $mended)
    {
    }

    /** New days help; else another method does. */
    public function canMove(): bool
    {
        return $this->mended->why !== Trouble::Robbed;
    }

    /** Y-m-d, in a field for a day; empty where nothing is proposed. */
    public function first(): string
    {
        return $this->mended->first?->format('Y-m-d') ?? '';
    }

    public function second(): string
    {
        return $this->mended->second?->format('Y-m-d') ?? '';
    }
}
