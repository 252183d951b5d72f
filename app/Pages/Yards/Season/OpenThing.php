<?php

declare(strict_types=1);

namespace App\Pages\Yards\Season;

/** Something of a season that is not done, and the page where it is. */
final readonly class OpenThing
{
    public function __construct(public string $words, public string $href)
    {
    }
}
