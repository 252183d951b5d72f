<?php

declare(strict_types=1);

namespace Marjoram\Core\Sheet;

use Marjoram\Core\Comb\Face;
use Marjoram\Core\Comb\Frame;
use Marjoram\Core\InvalidInput;
use Marjoram\Core\Json\Fields;
use Marjoram\Core\Moisture\Reading;
use Marjoram\Core\Moisture\RefractometerScale;

/** The values of the core that a sheet names, made from its fields. */
final class SheetItems
{
    /** @throws InvalidInput when a share is out of range */
    public static function frame(Fields $frame): Frame
    {
        return new Frame(
            $frame->whole('slot'),
            self::face($frame->part('a')),
            self::face($frame->part('b')),
            $frame->flag('glanced'),
            $frame->flag('gone'),
        );
    }

    /** @throws InvalidInput when a share is out of range */
    public static function face(Fields $face): Face
    {
        return new Face(
            $face->number('capped'),
            $face->number('open'),
            $face->number('brood'),
            $face->number('pollen'),
        );
    }

    /** @throws InvalidInput when the scale is not known or a value is out of its range */
    public static function reading(Fields $reading): Reading
    {
        return new Reading(
            RefractometerScale::tryFrom($reading->text('scale', RefractometerScale::Water->value)) ??
                throw InvalidInput::unknown('The scale', $reading->text('scale'), 'water, nd, brix', '/scale'),
            $reading->number('value'),
            $reading->number('temperature_c', 20.0),
            $reading->has('compensated') ? $reading->flag('compensated') : null,
            $reading->number('offset'),
            $reading->optional('mass_kg'),
        );
    }
}
