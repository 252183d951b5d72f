<?php

declare(strict_types=1);

namespace App\Api\Calculations;

use App\Api\Calculation;
use Marjoram\Core\Json\Fields;
use Marjoram\Core\Rotor\Rotor as Core;

final class RotorCalculation implements Calculation
{
    public function run(Fields $input): array
    {
        $loading = (new Core)->load(
            (int) $input->number('slots'),
            $input->each('frames', RotorSlotsCalculation::frame(...)),
            $input->each('spares', RotorSlotsCalculation::frame(...)),
        );

        return [
            'slots' => RotorSlotsCalculation::of($loading),
            'imbalance_g' => $loading->imbalanceG,
            'angle_deg' => $loading->angleDeg,
            'force_n' => $loading->forceN($input->number('radius_cm', 30.0), $input->number('rpm', 250.0)),
            'exact' => $loading->exact,
            'as_given_g' => $loading->asGivenG,
        ];
    }
}
