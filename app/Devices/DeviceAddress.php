<?php

declare(strict_types=1);

namespace App\Devices;

/** Where a device or service answers. */
final readonly class DeviceAddress
{
    /** The word that stands for the stand-in's own address. */
    public const STAND_IN = 'stand-in';

    /**
     * @param  string  $url  without a slash at its end; empty where it is not known
     * @param  bool  $isTrusted  set by the installation itself, not entered by a person
     */
    private function __construct(public string $url, public bool $isTrusted)
    {
    }

    /**
     * As a person entered it: an address, or the word for the stand-in of its kind.
     *
     * @param  string  $kind  as in config/devices.php
     */
    public static function entered(string $address, string $kind): self
    {
        return $address === self::STAND_IN ? self::configured($kind) : new self(rtrim($address, '/'), false);
    }

    /** As the installation is configured; without a setting, where the stand-in says that it answers. */
    public static function configured(string $kind): self
    {
        $set = config("devices.$kind");
        if (is_string($set) && $set !== '') {
            return new self(rtrim($set, '/'), true);
        }
        $folder = config('devices.ports');
        $port = is_string($folder) ? trim((string) @file_get_contents("$folder/$kind.port")) : '';

        return new self(ctype_digit($port) ? "http://127.0.0.1:$port" : '', true);
    }
}
