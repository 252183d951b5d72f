<?php

declare(strict_types=1);

namespace App\Api\Calculations;

use App\Api\Calculation;
use Marjoram\Core\Json\Fields;
use Marjoram\Core\Viscosity\Settling;

final class SettleCalculation implements Calculation
{
    public function run(Fields $input): array
    {
        $settling = new Settling;
        $rise = $settling->riseCmPerDay(
            $input->number('temperature_c'),
            $input->number('water_pct'),
            $input->number('particle_mm', 0.2),
            $input->number('particle_density', 960.0),
        );

        return [
            'rise_cm_per_day' => $rise,
            'hours_to_clear' => $settling->hoursToClear($input->number('depth_cm'), $rise),
        ];
    }
}
