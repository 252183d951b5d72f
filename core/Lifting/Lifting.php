<?php

declare(strict_types=1);

namespace Marjoram\Core\Lifting;

use Marjoram\Core\Numerics\LinearTable;

/**
 * The revised NIOSH lifting equation, metric. Entry point of the module.
 *
 * Waters, Putz-Anderson, Garg, Applications Manual for the Revised NIOSH Lifting Equation,
 * DHHS (NIOSH) 94-110, 1994; multipliers from memory. The frequency multiplier is the table's for
 * 0.2 and 1 lift a minute and interpolated between; above that it follows the table's fall for up to an hour.
 */
final readonly class Lifting
{
    private const LOAD_CONSTANT_KG = 23.0;

    /** Up to 1, 2 and 8 hours: lifts a minute, multiplier (94-110, table 5; from memory). */
    private const FREQUENCY = [
        1 => [[0.2, 1.0], [1.0, 0.94], [2.0, 0.91], [4.0, 0.84], [6.0, 0.75], [9.0, 0.52], [12.0, 0.37], [15.0, 0.28]],
        2 => [[0.2, 0.95], [1.0, 0.88], [2.0, 0.84], [4.0, 0.72], [6.0, 0.5], [9.0, 0.3], [12.0, 0.21]],
        8 => [[0.2, 0.85], [1.0, 0.75], [2.0, 0.65], [4.0, 0.45], [6.0, 0.27], [8.0, 0.18]],
    ];

    /** The worse of origin and destination counts: a box has to be set down with care. */
    public function assess(Lift $lift): LiftResult
    {
        $origin = $this->at($lift, $lift->fromHeightCm);
        $destination = $this->at($lift, $lift->toHeightCm);
        $worse = array_product($origin) <= array_product($destination) ? $origin : $destination;

        return new LiftResult(self::LOAD_CONSTANT_KG * array_product($worse), $lift->loadKg, $worse);
    }

    /** @return array{h: float, v: float, d: float, a: float, f: float, c: float} */
    private function at(Lift $lift, float $heightCm): array
    {
        $travel = abs($lift->toHeightCm - $lift->fromHeightCm);

        return [
            'h' => $lift->horizontalCm > 63.0 ? 0.0 : min(1.0, 25.0 / max(25.0, $lift->horizontalCm)),
            'v' => $heightCm > 175.0 ? 0.0 : 1.0 - 0.003 * abs($heightCm - 75.0),
            'd' => $travel > 175.0 ? 0.0 : min(1.0, 0.82 + 4.5 / max(25.0, $travel)),
            'a' => $lift->twistDeg > 135.0 ? 0.0 : 1.0 - 0.0032 * $lift->twistDeg,
            'f' => $this->frequency($lift->liftsPerMin, $lift->hours),
            'c' => $lift->coupling->multiplier($heightCm < 75.0),
        ];
    }

    private function frequency(float $liftsPerMin, float $hours): float
    {
        $column = self::FREQUENCY[$hours <= 1.0 ? 1 : ($hours <= 2.0 ? 2 : 8)];
        $most = $column[count($column) - 1][0];
        if ($liftsPerMin > $most) {
            return 0.0;
        }

        return (new LinearTable($column))->at(max(0.2, $liftsPerMin));
    }
}
