<?php

declare(strict_types=1);

namespace App\Pages\Rounds;

use App\Models\Clearing;

/** Boards that are on hives of a yard. */
final readonly class BoardsOut
{
    private const MOST_NIGHTS = 3;

    public function __construct(public Clearing $clearing, public int $boards, public int $nights)
    {
    }

    public function areTooLong(): bool
    {
        return $this->nights >= self::MOST_NIGHTS;
    }
}
