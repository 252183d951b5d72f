<?php

declare(strict_types=1);

namespace App\Apiary\Days;

use App\Models\ClearingSuper;

/** One thing that the hands do at a hive, in its turn. */
final readonly class HandStep
{
    /**
     * @param  int  $number  from 1
     * @param  ?BoxWork  $work  null for a board, and for a box that is not in the hive any more
     * @param  ?ClearingSuper  $super  what its tick is kept with; null where nothing is ticked
     */
    public function __construct(
        public int $number,
        public Act $act,
        public ?BoxWork $work,
        public ?ClearingSuper $super,
        public bool $done,
    ) {
    }

    public function isBoard(): bool
    {
        return $this->act === Act::BoardOn;
    }

    /** Slots of the frames that come off, where they are taken one by one; empty where the whole box does. */
    public function frames(): string
    {
        $box = $this->work?->byFrame === true ? $this->work->box : null;

        return $box === null ? '' : implode(', ', array_keys(array_filter($box->ripeness->ripe)));
    }

    /** Which tick it is. */
    public function what(): string
    {
        return $this->isBoard() ? 'placed' : 'collected';
    }
}
