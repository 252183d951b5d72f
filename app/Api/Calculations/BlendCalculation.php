<?php

declare(strict_types=1);

namespace App\Api\Calculations;

use App\Api\Calculation;
use Marjoram\Core\HoneyRoom\Blending;
use Marjoram\Core\HoneyRoom\WetBucket;
use Marjoram\Core\Json\Fields;

final class BlendCalculation implements Calculation
{
    public function run(Fields $input): array
    {
        $result = (new Blending)->blend(
            $input->each('buckets', static fn (Fields $one): WetBucket => new WetBucket(
                $one->text('id'),
                $one->number('kg'),
                $one->number('water_pct'),
            )),
            $input->number('limit_pct', 18.0),
        );

        return [
            'take' => array_map(
                static fn (WetBucket $one): array => ['id' => $one->id, 'kg' => $one->kg],
                $result->take,
            ),
            'kg' => $result->kg,
            'water_pct' => $result->waterPct,
            'left' => array_map(
                static fn (WetBucket $one): array => [
                    'id' => $one->id,
                    'kg' => $one->kg,
                    'water_pct' => $one->waterPct,
                ],
                $result->left,
            ),
        ];
    }
}
