<?php

declare(strict_types=1);

namespace App\Apiary\Days;

use App\Apiary\Hives\BoxState;
use App\Models\ClearingSuper;
use Marjoram\Core\Lifting\LiftResult;

/** A box of a hive at a stop: what becomes of it. */
final readonly class BoxWork
{
    /**
     * @param  ?ClearingSuper  $super  of the clearing that it is on
     * @param  bool  $done  ticked
     * @param  ?LiftResult  $lift  where it is beyond one back
     * @param  bool  $byFrame  only its finished frames come off
     */
    public function __construct(
        public BoxState $box,
        public Fate $fate,
        public ?ClearingSuper $super = null,
        public bool $done = false,
        public ?LiftResult $lift = null,
        public bool $byFrame = false,
    ) {
    }

    /** What becomes of it, in two words or three. */
    public function words(): string
    {
        return match ($this->fate) {
            Fate::Off => match (true) {
                $this->done => __('on the truck'),
                $this->byFrame => __('frames off'),
                $this->lift !== null => __('off: two people'),
                default => __('off'),
            },
            Fate::Above => __('off later'),
            Fate::Below => __('below first'),
            Fate::Stays => __('stays'),
        };
    }
}
