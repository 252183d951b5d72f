<?php

declare(strict_types=1);

namespace App\Api\Calculations;

use App\Api\Calculation;
use Marjoram\Core\HoneyRoom\Allotted;
use Marjoram\Core\HoneyRoom\Allotting;
use Marjoram\Core\HoneyRoom\SuperShare;
use Marjoram\Core\HoneyRoom\WeighedBucket;
use Marjoram\Core\Json\Fields;

final class AllotCalculation implements Calculation
{
    public function run(Fields $input): array
    {
        $result = (new Allotting)->allot(
            $input->each(
                'supers',
                static fn (Fields $one): SuperShare => $one->has('before_kg')
                    ? SuperShare::weighed(
                        $one->text('id'),
                        $one->text('hive'),
                        $one->number('before_kg'),
                        $one->number('after_kg'),
                    )
                    : SuperShare::estimated(
                        $one->text('id'),
                        $one->text('hive'),
                        $one->number('estimate_kg'),
                        $one->number('sd_own_kg'),
                    ),
            ),
            $input->each(
                'buckets',
                static fn (Fields $one): WeighedBucket => new WeighedBucket(
                    $one->number('gross_kg'),
                    $one->number('tare_kg'),
                ),
            ),
            $input->number('loss_kg'),
            $input->number('common_rel_sd', 0.12),
        );

        return [
            'hives' => array_map(
                static fn (string|int $hive, Allotted $of): array => [
                    'hive' => (string) $hive,
                    'kg' => $of->kg,
                    'sd_kg' => $of->sdKg,
                    'share' => $of->share,
                ],
                array_keys($result->hives),
                array_values($result->hives),
            ),
            'supers' => array_map(
                static fn (string|int $id, Allotted $of): array => [
                    'id' => (string) $id,
                    'kg' => $of->kg,
                    'sd_kg' => $of->sdKg,
                ],
                array_keys($result->supers),
                array_values($result->supers),
            ),
            'total_kg' => $result->totalKg,
            'difference_kg' => $result->differenceKg,
            'measured_to_estimated' => $result->measuredToEstimated,
            'fill_update' => ['factor' => $result->fillFactor, 'sd' => $result->fillFactorSd],
        ];
    }
}
