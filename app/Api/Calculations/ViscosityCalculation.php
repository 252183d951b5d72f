<?php

declare(strict_types=1);

namespace App\Api\Calculations;

use App\Api\Calculation;
use Marjoram\Core\Json\Fields;
use Marjoram\Core\Viscosity\Viscosity as Core;

final class ViscosityCalculation implements Calculation
{
    public function run(Fields $input): array
    {
        $core = new Core;
        $paS = $core->paS($input->number('temperature_c'), $input->number('water_pct'));

        return [
            'pa_s' => $paS,
            'poise' => 10.0 * $paS,
            'times_thinner_than_20c' => $core->timesThinner(
                $input->number('temperature_c'),
                $input->number('water_pct'),
            ),
        ];
    }
}
