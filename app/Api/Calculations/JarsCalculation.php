<?php

declare(strict_types=1);

namespace App\Api\Calculations;

use App\Api\Calculation;
use Marjoram\Core\HoneyRoom\JarGoal;
use Marjoram\Core\HoneyRoom\JarPlanner;
use Marjoram\Core\HoneyRoom\JarSize;
use Marjoram\Core\Json\Fields;

final class JarsCalculation implements Calculation
{
    public function run(Fields $input): array
    {
        $plan = (new JarPlanner)->plan(
            $input->number('honey_kg'),
            $input->each('jars', static fn (Fields $one): JarSize => new JarSize(
                $one->text('id'),
                (int) $one->number('net_g'),
                (int) $one->number('stock'),
                $one->optional('price'),
                (int) $one->number('must_fill'),
            )),
            JarGoal::from($input->text('goal', 'least-left')),
            $input->number('residue_pct', 1.0),
        );

        return [
            'fill' => array_map(
                static fn (string|int $id, int $count): array => ['id' => (string) $id, 'count' => $count],
                array_keys($plan->fill),
                array_values($plan->fill),
            ),
            'left_g' => $plan->leftG,
            'value' => $plan->value,
        ];
    }
}
