<?php

declare(strict_types=1);

namespace App\Foundation\Http;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\URL;
use Symfony\Component\HttpFoundation\Response;

/**
 * Answers only under the addresses that the installation is configured with (MARJORAM_URL), and writes links and
 * redirects under the one that was used. Another Host header is refused: it could otherwise decide where a letter
 * about a password leads.
 */
final class OwnAddress
{
    public function handle(Request $request, Closure $next): Response
    {
        // Monitors may use any name of the machine; the answer has no link.
        if ($request->is('up')) {
            return $next($request);
        }
        $address = self::matching((string) $request->headers->get('Host'));
        if ($address === null) {
            return response()->view('errors.421', ['address' => self::configured()[0] ?? ''], 421);
        }
        if (str_starts_with($address, 'https:')) {
            // TLS ends before this server: the request is as secure as its configured address says.
            $request->server->set('HTTPS', 'on');
        }
        URL::forceRootUrl($address);

        return $next($request);
    }

    /**
     * A link for a letter or for another person: under the first address, whichever one this request came by.
     *
     * @param  array<string, string>  $parameters
     */
    public static function link(string $route, array $parameters = []): string
    {
        return (self::configured()[0] ?? '').route($route, $parameters, false);
    }

    private static function matching(string $host): ?string
    {
        foreach (self::configured() as $address) {
            if (self::plain((string) preg_replace('#^https?://#', '', $address)) === self::plain($host)) {
                return $address;
            }
        }

        return null;
    }

    /** Returns a host with its port, but without 80 and 443. */
    private static function plain(string $host): string
    {
        return strtolower((string) preg_replace('/:(80|443)$/', '', $host));
    }

    /** @return list<string> the first is the one that letters name */
    private static function configured(): array
    {
        /** @var list<string> $addresses */
        $addresses = config('app.addresses');

        return $addresses;
    }
}
