<?php

declare(strict_types=1);

namespace Marjoram\Core\Rounds;

/** Some hives of a yard cleared by one way, with the days of its visits. */
final readonly class Service
{
    /**
     * @param  int  $yard  place in the task's list
     * @param  int  $first  day of the first visit; the same as the last where there is one visit only
     * @param  int  $last  day on which the supers come in
     */
    public function __construct(public int $yard, public int $hives, public Way $way, public int $first, public int $last)
    {
    }

    public function places(): bool
    {
        return $this->way === Way::Escape;
    }
}
