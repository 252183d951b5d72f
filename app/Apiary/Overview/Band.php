<?php

declare(strict_types=1);

namespace App\Apiary\Overview;

/** A box of the smallest drawing: its height, and how far it is filled. */
final readonly class Band
{
    /**
     * @param  float  $filled  share of the box that is capped honey, 0 to 1
     * @param  bool  $seen  somebody has looked
     */
    public function __construct(public float $heightMm, public bool $super, public float $filled, public bool $seen)
    {
    }
}
