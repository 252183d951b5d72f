<?php

declare(strict_types=1);

namespace App\Api\Calculations;

use Marjoram\Core\Json\Fields;
use Marjoram\Core\Rotor\Loading;
use Marjoram\Core\Rotor\RotorFrame;

/** The slots of a rotor as JSON. */
final class RotorSlotsCalculation
{
    public static function frame(Fields $one): RotorFrame
    {
        return new RotorFrame($one->text('id'), $one->number('g'), $one->flag('fresh'));
    }

    /** @return list<array{slot: int, id: ?string, g: float}> */
    public static function of(Loading $loading): array
    {
        return array_map(
            static fn (int $slot, ?RotorFrame $one): array => [
                'slot' => $slot + 1,
                'id' => $one?->id,
                'g' => $one->g ?? 0.0,
            ],
            array_keys($loading->slots),
            $loading->slots,
        );
    }
}
