<?php

declare(strict_types=1);

namespace Marjoram\Core\Rotor;

use Marjoram\Core\InvalidInput;

/** A frame for the extractor, or one that is spun already and serves as a counterweight. */
final readonly class RotorFrame
{
    /**
     * @param  float  $g  with its honey, wood and wax, 0 to 20,000
     *
     * @throws InvalidInput when the mass is out of range
     */
    public function __construct(public string $id, public float $g, public bool $fresh = false)
    {
        InvalidInput::unlessWithin($g, 0.0, 20000.0, 'The mass of a frame', '/g');
    }
}
