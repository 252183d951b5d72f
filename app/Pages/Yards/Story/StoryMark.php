<?php

declare(strict_types=1);

namespace App\Pages\Yards\Story;

use DateTimeImmutable;

/** Something on a day in the story of a hive, with what is written beside it. */
final readonly class StoryMark
{
    public function __construct(public DateTimeImmutable $on, public string $words = '')
    {
    }
}
