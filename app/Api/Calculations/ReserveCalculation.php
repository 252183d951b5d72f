<?php

declare(strict_types=1);

namespace App\Api\Calculations;

use App\Api\Calculation;
use App\Api\InstantText;
use Marjoram\Core\Json\Fields;
use Marjoram\Core\Reserve\ColonyNeed;
use Marjoram\Core\Reserve\Reserve as Core;
use Marjoram\Core\Reserve\StoredBox;
use Marjoram\Core\Reserve\Winter;
use Marjoram\Core\Reserve\WinterSchool;
use Marjoram\Core\Reserve\WinterUse;

final class ReserveCalculation implements Calculation
{
    public function run(Fields $input): array
    {
        $winter = $input->part('winter');
        $climate = $input->part('climate');
        $use = new WinterUse(
            new Winter(
                InstantText::day($winter->text('from'), '/winter/from'),
                InstantText::day($winter->text('first_flow'), '/winter/first_flow'),
                $winter->number('first_flow_sd_days', 10.0),
                $climate->numbers('monthly_mean_c'),
                $climate->number('sd_c', 2.0),
            ),
            $input->number('factor_sd', WinterUse::FACTOR_SD),
        );
        $boxes = $input->each(
            'boxes',
            static fn (Fields $one): StoredBox => new StoredBox(
                $one->text('id'),
                $one->number('honey_kg'),
                $one->number('sd_kg'),
                $one->text('role') === 'brood',
                $one->flag('ripe', true),
            ),
        );
        $result = (new Core)->assess(
            new ColonyNeed($use, $input->part('colony')->number('frames_of_bees'), $input->number('factor', 1.0)),
            $boxes,
            $input->number('confidence', 0.95),
            $input->part('feed')->number('sugar_to_stores', 1.0),
            WinterSchool::from($input->text('school', WinterSchool::Computed->value)),
            (int) $input->number('boxes_kept', 2.0),
        );

        return [
            'need_kg' => [
                'mean' => $result->needMeanKg,
                'sd' => $result->needSdKg,
                'quantile' => $result->needQuantileKg,
            ],
            'by_month' => array_map(
                static fn (string $month, float $kg): array => ['month' => $month, 'kg' => $kg],
                array_keys($result->needKgByMonth),
                array_values($result->needKgByMonth),
            ),
            'stores_kg' => $result->storesKg,
            'p_enough' => $result->pEnough,
            'keep' => $result->keep,
            'may_take' => $result->mayTake,
            'spare_kg' => $result->spareKg,
            'shortfall_kg' => $result->shortfallKg,
            'sugar_kg' => $result->sugarKg,
            'syrup_l' => $result->syrupL,
        ];
    }
}
