<?php

declare(strict_types=1);

namespace App\Drawing;

/** A hive as it is drawn, boxes from the floor up. */
final readonly class DrawnHive
{
    /**
     * @param  list<DrawnBox>  $boxes
     * @param  list<string>  $under  short words under the code, such as "take 2"
     * @param  ?int  $reserveAfter  number of boxes below the reserve line, where one is drawn
     * @param  ?string  $mark  of its queen: breed, replace or watch
     * @param  string  $marked  the same in words
     */
    public function __construct(
        public string $code,
        public array $boxes,
        public bool $excluder = true,
        public ?string $href = null,
        public array $under = [],
        public ?int $reserveAfter = null,
        public ?string $mark = null,
        public string $marked = '',
    ) {
    }

    public function heightMm(): float
    {
        return array_sum(array_map(static fn (DrawnBox $box): float => $box->heightMm, $this->boxes));
    }

    public function widthMm(): float
    {
        $widths = array_map(static fn (DrawnBox $box): float => $box->widthMm, $this->boxes);

        return $widths === [] ? Elevation::LEAST_MM : max($widths);
    }

    /** The excluder lies under the first super. */
    public function hasExcluderUnder(int $box): bool
    {
        return $box > 0 && $this->excluder && ! $this->boxes[$box]->brood && $this->boxes[$box - 1]->brood;
    }
}
