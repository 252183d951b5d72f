<?php

declare(strict_types=1);

namespace Marjoram\Core\Json;

use Marjoram\Core\Comb\BoxKind;
use Marjoram\Core\Comb\BoxKinds;
use Marjoram\Core\Comb\Face;
use Marjoram\Core\Comb\Frame;
use Marjoram\Core\InvalidInput;
use Marjoram\Core\Moisture\CellsRead;
use Marjoram\Core\Moisture\Reading;
use Marjoram\Core\Moisture\RefractometerScale;
use Marjoram\Core\Ripeness\BoxWeight;
use Marjoram\Core\Ripeness\Heft;

/** Values of the core from their fields in JSON, for the field sheet and for programs alike. */
final class Values
{
    /** The shares of a face may be said to sum to 1 with this much of rounding. */
    private const ROUNDING = 1e-4;

    /**
     * The kind of a box by its name (`kind`), or by its measures.
     *
     * @throws InvalidInput when the kind is not known or a measure is out of range
     */
    public static function kind(Fields $box): BoxKind
    {
        return $box->has('kind')
            ? BoxKinds::get($box->text('kind'))
            : BoxKind::ofMeasures(
                $box->whole('frames'),
                $box->number('comb_area_dm2'),
                $box->number('inside_width_mm'),
                $box->number('empty_mass_kg'),
            );
    }

    /** @throws InvalidInput when a share is out of range */
    public static function frame(Fields $frame): Frame
    {
        return new Frame(
            $frame->whole('slot'),
            $frame->one('a', self::face(...)),
            $frame->one('b', self::face(...)),
            $frame->flag('glanced'),
            $frame->flag('gone'),
            $frame->flag('moved'),
        );
    }

    /**
     * A face whose `open` is null says nothing of its rest; without `open` the rest is empty.
     *
     * @throws InvalidInput when a share is out of range, or the shares are more than the whole
     */
    public static function face(Fields $face): Face
    {
        $made = new Face(
            $face->number('capped'),
            $face->number('open'),
            $face->number('brood'),
            $face->number('pollen'),
            ! $face->says('open') || $face->has('open'),
        );
        $beyond = $face->number('empty') - $made->empty();
        if ($beyond > self::ROUNDING) {
            throw InvalidInput::outOfRange('The sum of the shares of a face', 1.0 + $beyond, '0 to 1');
        }

        return $made;
    }

    /** @throws InvalidInput when both a weight and a heft are given, neither, or a weight is out of range */
    public static function boxWeight(Fields $weight): BoxWeight
    {
        $heft = Heft::tryFrom($weight->text('heft'));
        if (($heft === null) === ! $weight->has('gross_kg')) {
            throw InvalidInput::because('A box is weighed or lifted by hand.', 'gross_kg or heft, one of them');
        }

        return $heft === null
            ? BoxWeight::scale($weight->number('gross_kg'), $weight->optional('tare_kg'))
            : BoxWeight::lifted($heft);
    }

    /** @throws InvalidInput when the scale is not known or a value is out of its range */
    public static function reading(Fields $reading): Reading
    {
        return new Reading(
            RefractometerScale::tryFrom($reading->text('scale', RefractometerScale::Water->value)) ??
                throw InvalidInput::unknown('The scale', $reading->text('scale'), 'water, nd, brix', '/scale'),
            $reading->number('value'),
            $reading->number('temperature_c', 20.0),
            match (true) {
                $reading->has('compensated') => $reading->flag('compensated'),
                // As programs call it.
                $reading->has('atc') => $reading->flag('atc'),
                default => null,
            },
            $reading->number('offset'),
            $reading->optional('mass_kg'),
            CellsRead::tryFrom($reading->text('of')),
        );
    }
}
