<?php

declare(strict_types=1);

namespace App\Devices;

/** Whether an instrument may stand at an address: by what the person who runs the installation allows. */
final readonly class AllowedAddress
{
    /** @param  string  $allowed  "private", or hosts and host:port with commas between, or nothing */
    public function __construct(private string $allowed)
    {
    }

    public static function configured(): self
    {
        $allowed = config('devices.allowed');

        return new self(is_string($allowed) ? $allowed : '');
    }

    public function allows(string $address): bool
    {
        if ($address === DeviceAddress::STAND_IN) {
            return true;
        }
        $parts = parse_url($address);
        $host = $parts['host'] ?? null;
        $isPlain = is_array($parts) && is_string($host) && ! isset($parts['user']) && ! isset($parts['pass']);
        if (! $isPlain || ! in_array($parts['scheme'] ?? '', ['http', 'https'], true)) {
            return false;
        }
        $known = array_map(trim(...), explode(',', $this->allowed));
        $port = $parts['port'] ?? (($parts['scheme'] ?? '') === 'https' ? 443 : 80);

        return in_array($host, $known, true)
            || in_array("$host:$port", $known, true)
            || (in_array('private', $known, true) && self::isPrivate($host));
    }

    /** This machine, or the house's own network; never where a cloud answers what its machines are. */
    private static function isPrivate(string $host): bool
    {
        $isAddress = filter_var($host, FILTER_VALIDATE_IP) !== false;
        $ranges = FILTER_FLAG_NO_PRIV_RANGE | FILTER_FLAG_NO_RES_RANGE;
        $isPublic = filter_var($host, FILTER_VALIDATE_IP, $ranges) !== false;

        return $host === 'localhost'
            || ($isAddress && ! $isPublic && ! str_starts_with($host, '169.254.') && ! str_starts_with($host, '0.'));
    }
}
