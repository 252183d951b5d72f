<?php

declare(strict_types=1);

namespace Marjoram\Core\Spin;

/** A run as it would be if nothing pulled at the shaft: until which share of its side is out. */
final readonly class SpinRun
{
    public function __construct(
        public SpinSide $side,
        public float $rpm,
        public float $until,
        public SpinReason $why,
    ) {
    }
}
