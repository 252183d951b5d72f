<?php

declare(strict_types=1);

namespace App\Devices;

/** Where a device answers: as it was entered, or the stand-in of its kind that ships with the application. */
final class DeviceAddress
{
    /** The word that stands for the stand-in's own address. */
    public const STAND_IN = 'stand-in';

    /** @param  string  $kind  as in config/devices.php */
    public static function of(string $address, string $kind): string
    {
        $stand = config("devices.$kind");

        return rtrim($address === self::STAND_IN && is_string($stand) ? $stand : $address, '/');
    }
}
