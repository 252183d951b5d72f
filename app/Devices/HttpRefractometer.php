<?php

declare(strict_types=1);

namespace App\Devices;

use Marjoram\Core\Moisture\RefractometerScale;

/**
 * A refractometer behind a small HTTP endpoint: the bridge of a real one, or the stand-in that ships with the
 * application.
 */
final readonly class HttpRefractometer implements Refractometer
{
    public function __construct(private string $address)
    {
    }

    public function read(): InstrumentReading
    {
        $address = DeviceAddress::entered($this->address, 'refractometer');
        $given = (new DeviceCall)->json($address, '/reading') ?? throw new Unreachable(
            __('The instrument did not answer. Check that it is on and near, or type the reading.'),
        );
        $scale = is_string($given['scale'] ?? null) ? RefractometerScale::tryFrom($given['scale']) : null;
        if (
            $scale === null ||
            ! is_numeric($given['value'] ?? null) ||
            ! is_numeric($given['temperature_c'] ?? null)
        ) {
            throw new Unreachable(
                __('The instrument gave an impossible reading. Wipe the glass and try again, or type the reading.'),
            );
        }

        return new InstrumentReading(
            $scale,
            (float) $given['value'],
            (float) $given['temperature_c'],
            (bool) ($given['compensated'] ?? $scale->compensatedByDefault()),
        );
    }
}
