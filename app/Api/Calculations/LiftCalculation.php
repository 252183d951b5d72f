<?php

declare(strict_types=1);

namespace App\Api\Calculations;

use App\Api\Calculation;
use Marjoram\Core\Json\Fields;
use Marjoram\Core\Lifting\Coupling;
use Marjoram\Core\Lifting\Lift as CoreLift;
use Marjoram\Core\Lifting\Lifting;

final class LiftCalculation implements Calculation
{
    public function run(Fields $input): array
    {
        $result = (new Lifting)->assess(
            new CoreLift(
                $input->number('load_kg'),
                $input->number('from_height_cm'),
                $input->number('to_height_cm'),
                $input->number('horizontal_cm', 40.0),
                $input->number('twist_deg'),
                $input->number('lifts_per_min', 0.2),
                $input->number('hours', 1.0),
                Coupling::from($input->text('coupling', 'fair')),
            ),
        );

        return [
            'rwl_kg' => $result->limitKg,
            'lifting_index' => is_finite($result->index) ? $result->index : null,
            'multipliers' => $result->multipliers,
            'advice' => $result->advice()->value,
        ];
    }
}
