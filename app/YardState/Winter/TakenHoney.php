<?php

declare(strict_types=1);

namespace App\YardState\Winter;

use App\Models\TakenSuper;

/** Honey that a harvest took from a hive, a super or a frame of it. */
final readonly class TakenHoney
{
    /**
     * @param  string  $on  the day (Y-m-d) of the harvest
     * @param  string  $notedAt  the moment at which it was noted; of one day it decides
     */
    private function __construct(
        public string $on,
        public string $notedAt,
        public float $kg,
        public bool $ofBroodBox,
    ) {
    }

    public static function of(TakenSuper $taken, bool $ofBroodBox): self
    {
        return new self(
            $taken->harvest->taken_on->format('Y-m-d'),
            (string) $taken->created_at?->format('Y-m-d H:i:s'),
            $taken->allotted_kg ?? $taken->estimate_kg,
            $ofBroodBox,
        );
    }
}
