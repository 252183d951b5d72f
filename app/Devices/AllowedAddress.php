<?php

declare(strict_types=1);

namespace App\Devices;

use Closure;

/**
 * Where an instrument may stand, by what the person who runs the installation allows. Asked when an address is entered
 * and again when it is called: a name may lead elsewhere by then.
 */
final readonly class AllowedAddress
{
    /** This machine, and the networks of a house (RFC 1918, RFC 4193). */
    private const PRIVATE = ['127.0.0.0/8', '10.0.0.0/8', '172.16.0.0/12', '192.168.0.0/16', '::1/128', 'fc00::/7'];

    /** No instrument stands there, whatever its name: under link-local addresses clouds say what their machines are. */
    private const NEVER = ['0.0.0.0/8', '169.254.0.0/16', '224.0.0.0/3', '::/128', 'fe80::/10', 'ff00::/8'];

    /** @var Closure(string): list<string> */
    private Closure $resolve;

    /**
     * @param  string  $allowed  "private", or hosts and host:port with commas between, or nothing
     * @param  (Closure(string): list<string>)|null  $resolve  the addresses of a host; by default as this machine does
     */
    public function __construct(private string $allowed, ?Closure $resolve = null)
    {
        $this->resolve = $resolve ?? static fn (string $host): array => gethostbynamel($host) ?: [];
    }

    public static function configured(): self
    {
        $allowed = config('devices.allowed');

        return new self(is_string($allowed) ? $allowed : '');
    }

    /** Whether an instrument may be entered with this address; a host that does not resolve yet may be. */
    public function allows(string $address): bool
    {
        if ($address === DeviceAddress::STAND_IN) {
            return true;
        }
        $host = self::host($address);
        if ($host === null) {
            return false;
        }
        $ip = $this->ip($host);

        return $this->isNamed($address) ? ! self::isIn($ip ?? '', self::NEVER) : $this->isPrivate($host, $ip);
    }

    /**
     * The IP address to call now, for a URL whose host may be called; null where it may not, or has none.
     *
     * All addresses of a name must be allowed: which one would be called is not ours to say.
     */
    public function ipOf(string $url): ?string
    {
        $host = self::host($url);
        $literal = $host === null ? null : $this->ip($host);
        $all = $literal !== null ? [$literal] : ($host === null ? [] : ($this->resolve)($host));
        foreach ($all as $ip) {
            $may = $this->isNamed($url) ? ! self::isIn($ip, self::NEVER) : $this->isPrivate((string) $host, $ip);
            if (! $may) {
                return null;
            }
        }

        return $all[0] ?? null;
    }

    /** The host of a plain http address, in small letters, without the brackets of IPv6; null for other addresses. */
    private static function host(string $address): ?string
    {
        $parts = parse_url($address);
        $host = $parts['host'] ?? null;
        $isPlain = is_array($parts) && is_string($host) && ! isset($parts['user']) && ! isset($parts['pass']);

        return $isPlain && in_array(strtolower($parts['scheme'] ?? ''), ['http', 'https'], true)
            ? strtolower(trim($host, '[]'))
            : null;
    }

    /** Whether the allow list names the host itself. */
    private function isNamed(string $address): bool
    {
        $host = (string) self::host($address);
        $port = self::port($address);
        $known = $this->known();

        return in_array($host, $known, true) || in_array("$host:$port", $known, true);
    }

    private function isPrivate(string $host, ?string $ip): bool
    {
        return in_array('private', $this->known(), true)
            && ($ip === null ? $host === 'localhost' : self::isIn($ip, self::PRIVATE));
    }

    /** @return list<string> */
    private function known(): array
    {
        return array_map(static fn (string $one): string => strtolower(trim($one)), explode(',', $this->allowed));
    }

    public static function port(string $url): int
    {
        $parts = parse_url($url);
        $isTls = is_array($parts) && strtolower($parts['scheme'] ?? '') === 'https';

        return is_array($parts) ? $parts['port'] ?? ($isTls ? 443 : 80) : 80;
    }

    /** The host where it is an IP address itself; an IPv4 address written as IPv6 is the IPv4 address. */
    private function ip(string $host): ?string
    {
        if (filter_var($host, FILTER_VALIDATE_IP) === false) {
            return null;
        }
        $bytes = (string) inet_pton($host);
        $isMapped = strlen($bytes) === 16 && str_starts_with($bytes, str_repeat("\0", 10)."\xff\xff");

        return $isMapped ? (string) inet_ntop(substr($bytes, 12)) : $host;
    }

    /** @param  list<string>  $networks */
    private static function isIn(string $ip, array $networks): bool
    {
        // What is not an address is in no network.
        $bytes = (string) @inet_pton($ip);
        foreach ($networks as $network) {
            [$base, $length] = explode('/', $network);
            $of = (string) inet_pton($base);
            $isSame = self::bits($of, (int) $length) === self::bits($bytes, (int) $length);
            if (strlen($of) === strlen($bytes) && $isSame) {
                return true;
            }
        }

        return false;
    }

    private static function bits(string $bytes, int $length): string
    {
        $bits = '';
        foreach (str_split($bytes) as $byte) {
            $bits .= sprintf('%08b', ord($byte));
        }

        return substr($bits, 0, $length);
    }
}
