<?php

declare(strict_types=1);

namespace Tests\Core;

use Marjoram\Core\Comb\Frame;

/** A super as it is, and its frames as a person paints them. */
final readonly class TrueSuper
{
    /** @param  array<int, Frame>  $painted  by slot */
    public function __construct(public float $share, public float $kg, public float $waterPct, public array $painted)
    {
    }
}
