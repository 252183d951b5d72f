<?php

declare(strict_types=1);

namespace App\Pages\Day;

use App\Apiary\Days\BoxWork;
use App\Apiary\Days\HandStep;
use App\Drawing\Picture;

/** A box of a hive as the day's sheet draws it: one row, from the top. */
final readonly class DrawnRow
{
    /**
     * @param  ?HandStep  $step  what hands do with it, where they touch it
     * @param  ?HandStep  $boardBelow  the board goes on under it
     */
    public function __construct(
        public Picture $picture,
        public BoxWork $work,
        public ?HandStep $step,
        public ?HandStep $boardBelow,
    ) {
    }

    public function fate(): string
    {
        return $this->work->fate->value;
    }
}
