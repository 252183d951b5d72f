<?php

declare(strict_types=1);

namespace App\Rounds;

/** What a yard has to come in, and what bears on when. Dates as Y-m-d. */
final readonly class YardComing
{
    /**
     * @param  list<ComingSuper>  $now
     * @param  list<ComingSuper>  $later  to wait, and free of the winter share when they are ripe
     * @param  int  $toLook  supers still to be looked at
     * @param  int  $forWinter  supers to wait that winter will want
     * @param  ?string  $treatment  supers off by, from the label
     * @param  ?string  $flowEnds  when the flow ended, or the harvest under way is to end
     * @param  ?string  $offAfterFlow  by when they should be off after that
     */
    public function __construct(
        public array $now,
        public array $later,
        public int $toLook,
        public int $forWinter,
        public ?string $treatment,
        public ?string $flowEnds,
        public ?string $offAfterFlow,
    ) {
    }
}
