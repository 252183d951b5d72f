<?php

declare(strict_types=1);

namespace App\Devices;

/** The scale of the honey room, whatever carries its values. */
interface BenchScale
{
    /**
     * What stands on it now, kg.
     *
     * @throws Unreachable when it gives no weight, or does not stand still
     */
    public function kg(): float;
}
