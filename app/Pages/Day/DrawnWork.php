<?php

declare(strict_types=1);

namespace App\Pages\Day;

use App\Drawing\Picture;

/** A hive as the day's sheet draws it: roof, boxes and stand. */
final readonly class DrawnWork
{
    /** @param  list<DrawnRow>  $rows  from the top */
    public function __construct(public Picture $roof, public array $rows, public Picture $stand)
    {
    }
}
