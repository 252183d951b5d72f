<?php

declare(strict_types=1);

namespace App\Devices;

/** A refractometer that can be read by the application, whatever carries its values. */
interface Refractometer
{
    /**
     * Takes one reading of what is on the glass now.
     *
     * @throws Unreachable when the instrument gives no reading
     */
    public function read(): InstrumentReading;
}
