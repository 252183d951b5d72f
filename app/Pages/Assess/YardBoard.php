<?php

declare(strict_types=1);

namespace App\Pages\Assess;

use App\Apiary\Hives\Mass;
use App\Drawing\ElevationPicture;

/** A whole yard as the Assess page shows it. Plain values: it is kept, and drawn for whoever looks. */
final readonly class YardBoard
{
    /**
     * @param  list<BoardRow>  $worth  supers to look at, the look worth most first
     * @param  list<BoardRow>  $judged  the others, hive by hive from the top
     * @param  list<BoardRow>  $rows  all, hive by hive from the top
     */
    public function __construct(
        public int $hives,
        public Mass $ripe,
        public int $toLook,
        public string $flow,
        public ElevationPicture $picture,
        public array $worth,
        public array $judged,
        public array $rows,
    ) {
    }
}
