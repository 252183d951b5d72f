<?php

declare(strict_types=1);

namespace App\Calc\Calculations;

use App\Calc\Calculation;
use App\Calc\Input;
use App\Calc\Moment;
use DateTimeImmutable;
use Marjoram\Core\Clearing\Clearing as Core;
use Marjoram\Core\Clearing\ClearingAssumptions;
use Marjoram\Core\Clearing\DayForecast;
use Marjoram\Core\Clearing\HiveToClear;
use Marjoram\Core\Clearing\Kit;
use Marjoram\Core\Clearing\MethodPlan;

final class Clearing implements Calculation
{
    public function run(array $in): array
    {
        $input = new Input($in);
        $p = $input->part('policy');
        $d = new ClearingAssumptions;
        $core = new Core(new ClearingAssumptions($p->number('board_place_per_hive', $d->boardPlacePerHive), $p->number('board_place_per_super', $d->boardPlacePerSuper), $p->number('board_collect_per_super', $d->boardCollectPerSuper),
            $p->number('move_box', $d->moveBox), $p->number('blower_per_super', $d->blowerPerSuper), $p->number('brush_per_super', $d->brushPerSuper)));
        $kit = $input->part('kit');
        $plans = $core->compare(
            $input->each('hives', static fn (Input $one): HiveToClear => new HiveToClear($one->text('id'), (int) $one->number('supers'), $one->flag('brood_in_supers'), $one->flag('excluder', true), (int) $one->number('boxes_to_move_below'))),
            $input->each('forecast', static fn (Input $one): DayForecast => new DayForecast(Moment::day($one->text('date'), '/date'), $one->number('min_c'), $one->number('max_c'), $one->number('rain_p'), $one->number('sun'))),
            (int) $input->number('crew', 1.0), new Kit((int) $kit->number('escape_boards'), (int) $kit->number('fume_boards'), $kit->flag('blower')), $input->flag('dearth'));

        return [
            'methods' => array_map(static fn (MethodPlan $plan): array => ['method' => $plan->method->value, 'feasible' => $plan->feasible(), 'refusal' => $plan->refusal, 'visits' => count($plan->visits),
                'dates' => array_map(static fn (DateTimeImmutable $day): string => $day->format('Y-m-d'), $plan->visits), 'person_minutes' => $plan->personMinutes, 'bees_left_per_super' => $plan->beesLeftPerSuper,
                'robbing_risk' => $plan->robbingRisk, 'cautions' => $plan->cautions], $plans),
            'reason' => $core->reasonOfRank($plans),
        ];
    }
}
