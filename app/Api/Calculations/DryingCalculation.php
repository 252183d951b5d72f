<?php

declare(strict_types=1);

namespace App\Api\Calculations;

use App\Api\Calculation;
use Marjoram\Core\Drying\Drying as Core;
use Marjoram\Core\Drying\DryingFit;
use Marjoram\Core\Drying\RoomAir;
use Marjoram\Core\Drying\WaterBand;
use Marjoram\Core\Drying\WaterReading;
use Marjoram\Core\Json\Fields;
use Marjoram\Core\Viscosity\Viscosity;
use Marjoram\Core\Viscosity\Warming;

final class DryingCalculation implements Calculation
{
    private const POINTS = 40;

    public function run(Fields $input): array
    {
        $air = $input->each('air', static fn (Fields $one): RoomAir => new RoomAir(
            $one->number('hour'),
            $one->number('temperature_c'),
            $one->number('humidity_pct'),
        ));
        $readings = $input->each('readings', static fn (Fields $one): WaterReading => new WaterReading(
            $one->number('hour'),
            $one->number('water_pct'),
        ));
        $fit = (new Core)->fit($readings, $air, $input->number('capped_share', 0.5));
        $now = max([0.0, ...array_column($air, 'hour'), ...array_column($readings, 'hour')]);
        $target = $input->number('target_pct', 18.0);
        $humidity = $input->optional('what_if_humidity_pct');
        $hours = array_map(
            static fn (int $i): float => $i / self::POINTS * $input->number('hours', 168.0),
            range(0, self::POINTS),
        );

        return [
            'equilibrium_pct' => $fit->endPct(),
            'curve' => array_map(static fn (WaterBand $one): array => [
                'hour' => $one->hour,
                'water_pct' => $one->waterPct,
                'lo' => $one->loPct,
                'hi' => $one->hiPct,
            ], $fit->at($hours)),
            'ready' => self::ready($fit, $target, $now),
            'what_if' => $humidity === null ? null : self::ready($fit->atHumidity($now, $humidity), $target, $now),
            'warm' => self::warm($fit->at([$now])[0]->waterPct, $air[0]->celsius ?? 20.0),
        ];
    }

    /** @return array{hours: ?float, lo: ?float, hi: ?float, p_ever: float} */
    private static function ready(DryingFit $fit, float $target, float $now): array
    {
        $ready = $fit->ready($target, $now);
        $known = static fn (float $hours): ?float => is_finite($hours) ? $hours : null;

        return [
            'hours' => $known($ready->hours),
            'lo' => $known($ready->lo),
            'hi' => $known($ready->hi),
            'p_ever' => $ready->pEver,
        ];
    }

    /** @return array{needed_c: float, hours: ?float}|null  honey that came in at 20 C at most */
    private static function warm(float $waterPct, float $roomC): ?array
    {
        if ($waterPct < Viscosity::LEAST_WATER_PCT || $waterPct > Viscosity::MOST_WATER_PCT) {
            return null;
        }
        $warming = new Warming;
        $hours = $warming->hours($waterPct, $roomC, min(20.0, $roomC));

        return ['needed_c' => $warming->neededC($waterPct), 'hours' => is_finite($hours) ? $hours : null];
    }
}
