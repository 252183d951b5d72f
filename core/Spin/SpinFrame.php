<?php

declare(strict_types=1);

namespace Marjoram\Core\Spin;

use Marjoram\Core\InvalidInput;

/** A frame in a slot of the rotor with the honey of its two sides. */
final readonly class SpinFrame
{
    /**
     * @param  int  $slot  from 1
     * @param  float  $g  with its honey, 0 to 20,000
     * @param  bool  $fresh  new comb, or without wire: it breaks sooner
     * @param  float  $aKg  honey of the side that faces out first
     *
     * @throws InvalidInput when a frame holds more honey than it weighs
     */
    public function __construct(
        public int $slot,
        public float $g,
        public bool $fresh = false,
        public float $aKg = 0.0,
        public float $bKg = 0.0,
    ) {
        InvalidInput::unlessWithin($g, 0.0, 20000.0, 'The mass of a frame', '/g');
        InvalidInput::unlessWithin($aKg, 0.0, 20.0, 'The honey of a side', '/honey_a_kg');
        InvalidInput::unlessWithin($bKg, 0.0, 20.0, 'The honey of a side', '/honey_b_kg');
        if (1000.0 * ($aKg + $bKg) > $g + 0.5) {
            throw InvalidInput::because(
                'A frame of :g g cannot hold :honey g of honey.',
                'no more honey than it weighs',
                '/g',
                ['g' => round($g), 'honey' => round(1000.0 * ($aKg + $bKg))],
            );
        }
    }
}
