<?php

declare(strict_types=1);

namespace Marjoram\Core\Yields\Merit;

/**
 * How well queens are known next to their neighbours, where what the yard and the year gave is the same for all: the
 * inverse of the queens' own equations. Maternal lines are trees: from the daughters up, then from the mothers down.
 */
final readonly class GivenYards
{
    public function __construct(private Design $design, private float $ratio)
    {
    }

    /** @return array<int, float> variance of each queen's prediction error, in units of what the model leaves */
    public function inverse(): array
    {
        $pedigree = $this->design->pedigree;
        $pivots = [];
        foreach ($pedigree->diagonal() as $queen => $own) {
            $pivots[] = $this->design->own[$queen] + $this->ratio * $own;
        }
        $between = $this->ratio * $pedigree->between();
        foreach ($pedigree->mothers as $daughter => $mother) {
            $pivots[$mother] -= $between ** 2 / $pivots[$daughter];
        }
        $of = array_map(static fn (float $pivot): float => 1.0 / $pivot, $pivots);
        foreach (array_reverse($pedigree->mothers, true) as $daughter => $mother) {
            $of[$daughter] += ($between / $pivots[$daughter]) ** 2 * $of[$mother];
        }

        return $of;
    }
}
