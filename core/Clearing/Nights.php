<?php

declare(strict_types=1);

namespace Marjoram\Core\Clearing;

/** Boards on from one day to another (places in the forecast), and the share of the bees that is left then. */
final readonly class Nights
{
    public function __construct(public int $from, public int $to, public float $shareLeft)
    {
    }
}
