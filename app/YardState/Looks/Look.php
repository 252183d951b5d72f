<?php

declare(strict_types=1);

namespace App\YardState\Looks;

use App\Models\Assessment;
use App\Models\MoistureReading;
use Marjoram\Core\Comb\Frame;

/** The newest look at a box since it stands in its hive, and what the one before found. */
final readonly class Look
{
    /**
     * @param  array<int, Frame>  $frames  by slot
     * @param  list<MoistureReading>  $readings
     */
    public function __construct(
        public ?Assessment $latest = null,
        public array $frames = [],
        public array $readings = [],
        public ?float $daysSinceLast = null,
        public ?float $lastCappedShare = null,
        public ?Assessment $before = null,
    ) {
    }
}
