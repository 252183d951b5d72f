<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

use Marjoram\Core\InvalidInput;

/** A super that was weighed, or lifted by hand. */
final readonly class BoxWeight
{
    private function __construct(public ?float $grossKg, public ?float $tareKg, public ?Heft $heft)
    {
    }

    /**
     * @param  float  $grossKg  with its box, wood and wax, 0 to 120
     * @param  ?float  $tareKg  of the same box without honey, if it was weighed
     *
     * @throws InvalidInput when a weight is out of range
     */
    public static function scale(float $grossKg, ?float $tareKg = null): self
    {
        InvalidInput::unlessWithin($grossKg, 0.0, 120.0, 'The weight', '/gross_kg');
        if ($tareKg !== null) {
            InvalidInput::unlessWithin($tareKg, 0.0, 40.0, 'The empty box', '/tare_kg');
        }

        return new self($grossKg, $tareKg, null);
    }

    public static function lifted(Heft $heft): self
    {
        return new self(null, null, $heft);
    }
}
