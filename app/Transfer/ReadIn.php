<?php

declare(strict_types=1);

namespace App\Transfer;

/** What was read in. */
final readonly class ReadIn
{
    /** @param  int  $missing  photographs that the notes name and the file does not hold */
    public function __construct(public int $records, public int $photographs, public int $missing)
    {
    }
}
