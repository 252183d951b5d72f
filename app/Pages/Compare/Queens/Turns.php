<?php

declare(strict_types=1);

namespace App\Pages\Compare\Queens;

/** Mothers in turn: as many daughters of each as are asked for, then all alike. */
final class Turns
{
    /** @var array<int, int> daughters given so far */
    private array $given;

    /** @param  list<KnownQueen>  $mothers */
    public function __construct(private readonly array $mothers)
    {
        $this->given = array_fill(0, count($mothers), 0);
    }

    /** For the place of a queen: of the mother who is furthest behind; null if no mother is behind. */
    public function next(KnownQueen $place): ?KnownQueen
    {
        $best = null;
        foreach ($this->mothers as $i => $mother) {
            $isBehind = $best === null || $this->share($i) < $this->share($best);
            if ($mother->hive !== $place->hive && $isBehind) {
                $best = $i;
            }
        }
        if ($best === null) {
            return null;
        }
        $this->given[$best]++;

        return $this->mothers[$best];
    }

    private function share(int $i): float
    {
        return $this->given[$i] / max(1, $this->mothers[$i]->mark->daughters ?? 0);
    }
}
