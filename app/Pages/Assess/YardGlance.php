<?php

declare(strict_types=1);

namespace App\Pages\Assess;

use App\Drawing\ElevationPicture;
use Marjoram\Core\Comb\Kilograms;

/** A yard among all yards. Plain values, since it is cached. */
final readonly class YardGlance
{
    public function __construct(
        public string $slug,
        public string $name,
        public int $toLook,
        public Kilograms $ripe,
        public string $flow,
        public ElevationPicture $picture,
    ) {
    }
}
