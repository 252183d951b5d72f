<?php

declare(strict_types=1);

namespace App\YardState\Visits;

use App\Models\ClearingSuper;
use App\YardState\BoxState;
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
}
