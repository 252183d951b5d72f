<?php

declare(strict_types=1);

namespace Marjoram\Core\Comb;

use Marjoram\Core\Numerics\LinearTable;

/** Density of honey at 20 C by its water: White (1975), in Crane; linear between the rows. */
final readonly class Density
{
    private LinearTable $table;

    public function __construct()
    {
        /** @var list<array{float, float}> $points */
        $points = require __DIR__.'/data/density.php';
        $this->table = new LinearTable($points);
    }

    /** kg per litre, at this water in %. */
    public function kgPerLitre(float $waterPct): float
    {
        return $this->table->at($waterPct);
    }
}
