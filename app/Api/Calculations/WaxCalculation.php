<?php

declare(strict_types=1);

namespace App\Api\Calculations;

use App\Api\Calculation;
use App\Api\Input;
use Marjoram\Core\HoneyRoom\Cappings;

final class WaxCalculation implements Calculation
{
    public function run(array $in): array
    {
        $input = new Input($in);
        $wax = new Cappings($input->number('honey_kg'));

        return ['wax_kg' => [$wax->leastKg, $wax->mostKg]];
    }
}
