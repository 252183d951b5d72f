<?php

declare(strict_types=1);

namespace Marjoram\Core\Drying;

use Marjoram\Core\InvalidInput;
use Marjoram\Core\Numerics\LinearTable;

/**
 * The water that honey comes to in air of a humidity: Martin (1958), as tabulated by Crane (from memory). Between the
 * rows, and below the first one at 50 %, the slope goes on (a presumption: drier air was not tabulated).
 */
final readonly class Equilibrium
{
    private LinearTable $table;

    public function __construct()
    {
        /** @var list<array{float, float}> $points */
        $points = require __DIR__.'/data/equilibrium.php';
        $this->table = new LinearTable($points);
    }

    /**
     * @param  float  $humidityPct  0 to 100
     *
     * @throws InvalidInput when no air can be so
     */
    public function waterPct(float $humidityPct): float
    {
        InvalidInput::unlessWithin($humidityPct, 0.0, 100.0, 'The humidity', '/humidity_pct');

        return $this->table->at($humidityPct);
    }
}
