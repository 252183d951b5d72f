<?php

declare(strict_types=1);

namespace App\Api\Calculations;

use App\Api\Calculation;
use App\Api\InstantText;
use App\Words\Wording;
use DateTimeImmutable;
use Marjoram\Core\Clearing\BoardFigures;
use Marjoram\Core\Clearing\DayForecast;
use Marjoram\Core\Clearing\HiveToClear;
use Marjoram\Core\Clearing\Kit;
use Marjoram\Core\Clearing\MethodComparison as Core;
use Marjoram\Core\Clearing\MethodOutcome;
use Marjoram\Core\Clearing\MethodTable;
use Marjoram\Core\Clearing\OpenFigures;
use Marjoram\Core\Json\Fields;

final class ClearingCalculation implements Calculation
{
    public function run(Fields $input): array
    {
        $core = new Core(self::table($input->part('policy')));
        $kit = $input->part('kit');
        $outcomes = $core->compare(
            $input->each('hives', self::hive(...)),
            $input->each('forecast', self::day(...)),
            (int) $input->number('crew', 1.0),
            new Kit((int) $kit->number('escape_boards'), (int) $kit->number('fume_boards'), $kit->flag('blower')),
            $input->flag('dearth'),
            $input->flag('all_methods'),
        );

        return [
            'methods' => array_map(self::out(...), $outcomes),
            'reason' => Wording::forPrograms()->statement($core->reasonOfRank($outcomes)),
        ];
    }

    private static function table(Fields $policy): MethodTable
    {
        $usual = new MethodTable;

        return new MethodTable(
            new BoardFigures(
                placePerHive: $policy->number('board_place_per_hive', $usual->board->placePerHive),
                placePerSuper: $policy->number('board_place_per_super', $usual->board->placePerSuper),
                collectPerSuper: $policy->number('board_collect_per_super', $usual->board->collectPerSuper),
            ),
            blower: self::open($policy, 'blower_per_super', $usual->blower),
            brush: self::open($policy, 'brush_per_super', $usual->brush),
            moveBox: $policy->number('move_box', $usual->moveBox),
        );
    }

    private static function open(Fields $policy, string $name, OpenFigures $usual): OpenFigures
    {
        return new OpenFigures($usual->setup, $policy->number($name, $usual->perSuper), $usual->beesLeft);
    }

    private static function hive(Fields $one): HiveToClear
    {
        return new HiveToClear(
            $one->text('id'),
            (int) $one->number('supers'),
            $one->flag('brood_in_supers'),
            $one->flag('excluder', true),
            (int) $one->number('boxes_to_move_below'),
            $one->has('frames') ? (int) $one->number('frames') : null,
        );
    }

    private static function day(Fields $one): DayForecast
    {
        return new DayForecast(
            InstantText::day($one->text('date'), '/date'),
            $one->number('min_c'),
            $one->number('max_c'),
            $one->number('rain_p'),
            $one->number('sun'),
        );
    }

    /** @return array<string, mixed> */
    private static function out(MethodOutcome $one): array
    {
        $say = Wording::forPrograms();

        return [
            'method' => $one->method->value,
            'feasible' => $one->feasible(),
            'refusal' => $one->refusal === null ? null : $say->statement($one->refusal),
            'visits' => count($one->visits),
            'dates' => array_map(static fn (DateTimeImmutable $day): string => $day->format('Y-m-d'), $one->visits),
            'person_minutes' => $one->personMinutes,
            'bees_left_per_super' => $one->beesLeftPerSuper,
            'robbing_risk' => $one->robbingRisk()->value,
            'cautions' => $say->statements($one->cautions),
        ];
    }
}
