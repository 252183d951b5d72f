<?php

declare(strict_types=1);

namespace App\Api\Calculations;

use App\Api\Calculation;
use Marjoram\Core\HoneyRoom\Cappings;
use Marjoram\Core\Json\Fields;

final class WaxCalculation implements Calculation
{
    public function run(Fields $input): array
    {
        $wax = new Cappings($input->number('honey_kg'));

        return ['wax_kg' => [$wax->leastKg, $wax->mostKg]];
    }
}
