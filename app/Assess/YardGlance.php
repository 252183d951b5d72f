<?php

declare(strict_types=1);

namespace App\Assess;

use App\Drawing\ElevationPicture;
use App\YardState\Mass;

/** A yard among all yards. Plain values: it is kept. */
final readonly class YardGlance
{
    public function __construct(
        public string $slug,
        public string $name,
        public int $toLook,
        public Mass $ripe,
        public string $flow,
        public ElevationPicture $picture,
    ) {
    }
}
