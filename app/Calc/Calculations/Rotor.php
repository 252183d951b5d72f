<?php

declare(strict_types=1);

namespace App\Calc\Calculations;

use App\Calc\Calculation;
use App\Calc\Input;
use Marjoram\Core\Rotor\Rotor as Core;
use Marjoram\Core\Rotor\RotorFrame;

final class Rotor implements Calculation
{
    public function run(array $in): array
    {
        $input = new Input($in);
        $frame = static fn (Input $one): RotorFrame => new RotorFrame(
            $one->text('id'),
            $one->number('g'),
            $one->flag('fresh'),
        );
        $loading = (new Core)->load(
            (int) $input->number('slots'),
            $input->each('frames', $frame),
            $input->each('spares', $frame),
        );

        return [
            'slots' => array_map(
                static fn (int $slot, ?RotorFrame $one): array => [
                    'slot' => $slot + 1,
                    'id' => $one?->id,
                    'g' => $one->g ?? 0.0,
                ],
                array_keys($loading->slots),
                $loading->slots,
            ),
            'imbalance_g' => $loading->imbalanceG,
            'angle_deg' => $loading->angleDeg,
            'force_n' => $loading->forceN($input->number('radius_cm', 30.0), $input->number('rpm', 250.0)),
            'exact' => $loading->exact,
            'as_given_g' => $loading->asGivenG,
        ];
    }
}
