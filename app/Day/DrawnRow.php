<?php

declare(strict_types=1);

namespace App\Day;

use App\Drawing\Picture;
use App\YardState\Visits\BoxWork;
use App\YardState\Visits\Fate;
use App\YardState\Visits\HandStep;

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

    /** What becomes of it, in two words or three. */
    public function words(): string
    {
        return match ($this->work->fate) {
            Fate::Off => match (true) {
                $this->work->done => __('on the truck'),
                $this->work->byFrame => __('frames off'),
                $this->work->lift !== null => __('off: not alone'),
                default => __('off'),
            },
            Fate::Above => __('off later'),
            Fate::Below => __('below first'),
            Fate::Stays => __('stays'),
        };
    }
}
