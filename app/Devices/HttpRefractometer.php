<?php

declare(strict_types=1);

namespace App\Devices;

use Illuminate\Http\Client\ConnectionException;
use Illuminate\Support\Facades\Http;
use Marjoram\Core\Moisture\Scale;

/**
 * A refractometer behind a small HTTP endpoint: the bridge of a real one, or the stand-in that ships with the
 * application.
 */
final readonly class HttpRefractometer implements Refractometer
{
    /** The word that stands for the stand-in's own address. */
    public const STAND_IN = 'stand-in';

    public function __construct(private string $address)
    {
    }

    public function read(): InstrumentReading
    {
        $stand = config('devices.refractometer');
        $address = $this->address === self::STAND_IN && is_string($stand) ? $stand : $this->address;
        try {
            $answer = Http::timeout(3)
                ->connectTimeout(2)
                ->acceptJson()
                ->get(rtrim($address, '/').'/reading');
        } catch (ConnectionException) {
            throw new Unreachable(
                __('The instrument did not answer. Is it on and near? The reading can be typed as well.'),
            );
        }
        $given = $answer->json();
        $scale = is_array($given) && is_string($given['scale'] ?? null) ? Scale::tryFrom($given['scale']) : null;
        if (
            ! $answer->ok() ||
            ! is_array($given) ||
            $scale === null ||
            ! is_numeric($given['value'] ?? null) ||
            ! is_numeric($given['temperature_c'] ?? null)
        ) {
            throw new Unreachable(
                __('The instrument gave no reading that makes sense. Wipe the glass, try again, or type the reading.'),
            );
        }

        return new InstrumentReading(
            $scale,
            (float) $given['value'],
            (float) $given['temperature_c'],
            (bool) ($given['compensated'] ?? $scale->compensatedByDefault()),
        );
    }

    /** An address on this machine or in the house's own network; an instrument stands nowhere else. */
    public static function allowed(string $address): bool
    {
        if ($address === self::STAND_IN) {
            return true;
        }
        $host = parse_url($address, PHP_URL_HOST);
        if (! is_string($host) || ! in_array(parse_url($address, PHP_URL_SCHEME), ['http', 'https'], true)) {
            return false;
        }

        return $host === 'localhost' ||
            (filter_var($host, FILTER_VALIDATE_IP) !== false &&
                filter_var($host, FILTER_VALIDATE_IP, FILTER_FLAG_NO_PRIV_RANGE | FILTER_FLAG_NO_RES_RANGE) === false &&
                ! str_starts_with($host, '169.254.'));
    }
}
