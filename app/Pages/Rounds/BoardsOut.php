<?php

declare(strict_types=1);

namespace App\Pages\Rounds;

use App\Models\Clearing;
use Marjoram\Core\Clearing\BoardFigures;

/** Boards that are on hives of a yard. */
final readonly class BoardsOut
{
    public function __construct(public Clearing $clearing, public int $boards, public int $nights)
    {
    }

    public function areTooLong(): bool
    {
        return $this->nights >= (new BoardFigures)->mostNights;
    }
}
