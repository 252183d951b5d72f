<?php

declare(strict_types=1);

namespace Marjoram\Core\Hives;

use Marjoram\Core\Ripeness\NectarFlow;
use Marjoram\Core\Ripeness\RipenessPolicy;

/** What holds for all boxes of a hive. */
final readonly class Circumstances
{
    /**
     * @param  bool  $excluder  the queen cannot come into the supers
     * @param  bool  $dryRoom  wet combs can be dried where they are brought
     * @param  bool  $canRearrange  frames may be taken and moved one by one
     * @param  bool  $hasRefractometer  water can be read; without one a super is judged by its capping
     */
    public function __construct(
        public RipenessPolicy $policy,
        public NectarFlow $flow = NectarFlow::Unknown,
        public bool $excluder = true,
        public bool $dryRoom = false,
        public bool $canRearrange = true,
        public bool $hasRefractometer = true,
    ) {
    }
}
