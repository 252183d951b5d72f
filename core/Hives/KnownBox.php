<?php

declare(strict_types=1);

namespace Marjoram\Core\Hives;

use Marjoram\Core\Comb\CombAssumptions;
use Marjoram\Core\Comb\FittedBox;
use Marjoram\Core\Comb\Frame;
use Marjoram\Core\Moisture\Reading;
use Marjoram\Core\Ripeness\Shake;

/** All that is known of one box of a hive on one day. */
final readonly class KnownBox
{
    /**
     * @param  string  $id  by which the caller knows it
     * @param  CombAssumptions  $comb  how its comb becomes honey
     * @param  list<Frame>  $frames  those looked at, each in a slot of this box
     * @param  list<Reading>  $readings  of its honey
     * @param  int  $gaps  slots without a frame
     * @param  ?float  $daysSinceLast  days between the newest look and the one before, with the capped share it found
     * @param  ?float  $lastCappedShare  0 to 1
     * @param  ?float  $daysSinceEmpty  days since it was put on without honey; null where that is not known
     * @param  ?float  $daysOfFlow  of those, days on which nectar may have come in; null: all
     * @param  bool  $ofLastSeason  what is known of it was found in a season that is over
     */
    public function __construct(
        public string $id,
        public bool $isSuper,
        public FittedBox $fitted,
        public CombAssumptions $comb,
        public array $frames = [],
        public ?Shake $shake = null,
        public array $readings = [],
        public int $gaps = 0,
        public ?float $daysSinceLast = null,
        public ?float $lastCappedShare = null,
        public ?float $daysSinceEmpty = null,
        public ?float $daysOfFlow = null,
        public bool $ofLastSeason = false,
    ) {
    }
}
