<?php

declare(strict_types=1);

namespace App\Compare\Out;

use App\Compare\Crop;
use Illuminate\Support\Collection;
use Marjoram\Core\Yields\YardSeason;

/** A yard's part of a season's report. */
final readonly class ReportedYard
{
    /**
     * @param  string  $picture  address of the drawing
     * @param  Collection<int, Crop>  $crops  of the season
     */
    public function __construct(
        public string $name,
        public YardSeason $yard,
        public string $picture,
        public Collection $crops,
    ) {
    }
}
