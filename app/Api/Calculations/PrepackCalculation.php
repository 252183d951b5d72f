<?php

declare(strict_types=1);

namespace App\Api\Calculations;

use App\Api\Calculation;
use Marjoram\Core\HoneyRoom\Prepack as Core;
use Marjoram\Core\HoneyRoom\PrepackRule;
use Marjoram\Core\Json\Fields;

final class PrepackCalculation implements Calculation
{
    public function run(Fields $input): array
    {
        $result = (new Core)->check($input->number('nominal_g'), $input->numbers('weights_g'));

        return [
            'mean_g' => $result->meanG,
            'tne_g' => $result->tolerableG,
            'below_tne' => $result->short,
            'below_twice_tne' => $result->twiceShort,
            'passes' => $result->passes(),
            'reasons' => array_map(static fn (PrepackRule $rule): string => $rule->value, $result->broken()),
        ];
    }
}
