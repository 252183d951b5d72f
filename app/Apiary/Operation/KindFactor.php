<?php

declare(strict_types=1);

namespace App\Apiary\Operation;

use Marjoram\Core\Json\Fields;

/** Factor learnt from weighings on the estimated fill of a kind of box, with its relative standard deviation. */
final readonly class KindFactor
{
    public function __construct(public float $factor, public float $sd)
    {
    }

    public static function from(mixed $stored): ?self
    {
        $own = Fields::of($stored);

        return $own->has('factor') && $own->has('sd') ? new self($own->number('factor'), $own->number('sd')) : null;
    }
}
