<?php

declare(strict_types=1);

namespace Marjoram\Core\Rounds;

use Marjoram\Core\Clearing\OpenFigures;

/** Minutes of the crew for a visit with brush or blower. */
final readonly class OpenWork
{
    public function __construct(public float $setup, public float $perHive, public float $perSuper)
    {
    }

    public static function of(OpenFigures $figures, int $crew): self
    {
        return new self($figures->setup, 0.0, $figures->perSuper / $crew);
    }

    public function minutes(int $hives, float $supers): float
    {
        return $this->setup + $this->perHive * $hives + $this->perSuper * $supers;
    }
}
