<?php

declare(strict_types=1);

namespace Marjoram\Core\Clearing;

use Marjoram\Core\InvalidInput;

/** What is at hand to clear with. */
final readonly class Kit
{
    /** @throws InvalidInput when a count is negative */
    public function __construct(public int $escapeBoards = 0, public int $fumeBoards = 0, public bool $blower = false)
    {
        InvalidInput::unlessWithin($escapeBoards, 0, 10000, 'The escape boards', '/kit/escape_boards');
        InvalidInput::unlessWithin($fumeBoards, 0, 1000, 'The fume boards', '/kit/fume_boards');
    }
}
