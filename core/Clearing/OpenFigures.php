<?php

declare(strict_types=1);

namespace Marjoram\Core\Clearing;

/** A method that opens the super there and then, by brush or by blower (common practice). */
final readonly class OpenFigures
{
    /**
     * @param  float  $setup  crew minutes a visit
     * @param  float  $perSuper  person-minutes
     * @param  float  $beesLeft  in a super
     */
    public function __construct(public float $setup, public float $perSuper, public float $beesLeft)
    {
    }
}
