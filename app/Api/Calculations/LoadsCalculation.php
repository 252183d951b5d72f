<?php

declare(strict_types=1);

namespace App\Api\Calculations;

use App\Api\Calculation;
use Marjoram\Core\Json\Fields;
use Marjoram\Core\Rotor\Loading;
use Marjoram\Core\Rotor\Loads as Core;

final class LoadsCalculation implements Calculation
{
    private const EVALUATIONS = 200_000;

    public function run(Fields $input): array
    {
        $loads = (new Core)->split(
            (int) $input->number('slots'),
            $input->each('frames', RotorSlotsCalculation::frame(...)),
            $input->each('spares', RotorSlotsCalculation::frame(...)),
            (int) $input->number('budget_evaluations', self::EVALUATIONS),
        );
        $grams = array_map(static fn (Loading $one): float => $one->imbalanceG, $loads);
        sort($grams);

        return [
            'loads' => array_map(static fn (Loading $one): array => [
                'fresh' => $one->hasFresh(),
                'slots' => RotorSlotsCalculation::of($one),
                'imbalance_g' => $one->imbalanceG,
            ], $loads),
            'worst_g' => $grams === [] ? 0.0 : max($grams),
            'median_g' => $grams[intdiv(count($grams), 2)] ?? 0.0,
            'mixed_loads' => count(array_filter($loads, static fn (Loading $one): bool => $one->isMixed())),
        ];
    }
}
