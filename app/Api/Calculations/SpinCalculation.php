<?php

declare(strict_types=1);

namespace App\Api\Calculations;

use App\Api\Calculation;
use App\Words\Wording;
use Marjoram\Core\Json\Fields;
use Marjoram\Core\Spin\Extractor;
use Marjoram\Core\Spin\SpinFrame;
use Marjoram\Core\Spin\Spinning;
use Marjoram\Core\Spin\SpinStep;

final class SpinCalculation implements Calculation
{
    public function run(Fields $input): array
    {
        $extractor = new Extractor(
            (int) $input->number('slots'),
            $input->text('turns') === 'radial',
            $input->number('radius_cm', 30.0),
            $input->number('max_rpm', 300.0),
            $input->number('force_limit_n', 150.0),
        );
        $next = 0;
        $frames = $input->each('frames', static function (Fields $one) use (&$next): SpinFrame {
            $next++;

            return new SpinFrame(
                (int) $one->number('slot', $next),
                $one->number('g'),
                $one->flag('fresh'),
                $one->number('honey_a_kg'),
                $one->number('honey_b_kg'),
            );
        });
        $steps = (new Spinning)->plan(
            $extractor,
            $frames,
            $input->number('temperature_c'),
            $input->number('water_pct'),
        );
        $say = Wording::forPrograms();

        return [
            'steps' => array_map(static fn (SpinStep $step): array => [
                'side' => $step->side->value,
                'rpm' => $step->rpm,
                'minutes' => $step->minutes,
                'why' => $say->statements($step->why),
            ], $steps),
            'force_n' => array_map(static fn (SpinStep $step): float => $step->forceN, $steps),
        ];
    }
}
