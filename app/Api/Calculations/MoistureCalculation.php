<?php

declare(strict_types=1);

namespace App\Api\Calculations;

use App\Api\Calculation;
use Marjoram\Core\Json\Fields;
use Marjoram\Core\Json\Values;
use Marjoram\Core\Moisture\ConvertedReading;
use Marjoram\Core\Moisture\Moisture as Core;
use Marjoram\Core\Moisture\Standards;

final class MoistureCalculation implements Calculation
{
    public function run(Fields $input): array
    {
        $result = (new Core)->of(
            $input->each('readings', Values::reading(...)),
            $input->number('limit_pct', 18.0),
            $input->flag('heather'),
        );

        return [
            'readings' => array_map(
                static fn (ConvertedReading $one): array => [
                    'n_d20' => $one->indexAt20C,
                    'water_pct' => $one->waterPct,
                    'correction_pct' => $one->correctionPct,
                ],
                $result->readings,
            ),
            'count' => count($result->readings),
            'mean_water_pct' => $result->meanWaterPct,
            'sd_pct' => $result->sdPct,
            'interval95_pct' => $result->interval(0.95),
            'p_at_most_limit' => $result->probabilityAtMost($result->limitPct),
            'codex' => $result->withinCodex() ? 'within' : 'above',
            'us_grade' => Standards::usGrade($result->meanWaterPct),
            'fermentation' => Standards::liabilityToFerment($result->meanWaterPct),
        ];
    }
}
