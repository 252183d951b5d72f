<?php

declare(strict_types=1);

namespace App\Apiary\Hives;

use Closure;

/** How a stage draws a hive: where its links lead, what stands under it, and where the reserve line runs. */
final readonly class HiveDrawing
{
    /**
     * @param  (Closure(BoxState): string)|null  $boxLink
     * @param  list<string>  $under
     * @param  ?int  $reserveAfter  boxes below the reserve line
     * @param  list<BoxState>|null  $boxes  from the floor up, where not as they stand
     */
    public function __construct(
        public string $link,
        public ?Closure $boxLink = null,
        public array $under = [],
        public ?int $reserveAfter = null,
        public ?array $boxes = null,
    ) {
    }
}
