<?php

declare(strict_types=1);

namespace App\Foundation\Http;

use Closure;
use Illuminate\Cache\RateLimiter;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/**
 * Signs a program in for one request: by a token that a person has given it, or by HTTP basic authentication. No
 * session is kept. Who fails too often, by account and address or by address alone, is not listened to for a minute,
 * as at the page for signing in.
 */
final readonly class ProgramSignIn
{
    private const OF_ACCOUNT = 5;

    private const OF_ADDRESS = 30;

    public function __construct(private RateLimiter $limiter)
    {
    }

    public function handle(Request $request, Closure $next): Response
    {
        $address = 'program|'.$request->ip();
        $account = $address.'|'.mb_strtolower((string) $request->getUser());
        $this->refuseTooMany($account, $address);
        if (! self::isKnown($request)) {
            $this->limiter->hit($address);
            if ($request->getUser() !== null) {
                $this->limiter->hit($account);
            }
            abort(401, __('Sign in, or send a token.'), ['WWW-Authenticate' => 'Bearer, Basic realm="Marjoram"']);
        }

        return $next($request);
    }

    private function refuseTooMany(string $account, string $address): void
    {
        foreach ([[$account, self::OF_ACCOUNT], [$address, self::OF_ADDRESS]] as [$key, $most]) {
            if ($this->limiter->tooManyAttempts($key, $most)) {
                abort(429, headers: ['Retry-After' => (string) $this->limiter->availableIn($key)]);
            }
        }
    }

    private static function isKnown(Request $request): bool
    {
        if ($request->bearerToken() !== null) {
            $person = Auth::guard('sanctum')->user();
            if ($person !== null) {
                Auth::setUser($person);
            }

            return $person !== null;
        }

        return $request->getUser() !== null && Auth::once([
            'email' => $request->getUser(),
            'password' => (string) $request->getPassword(),
        ]);
    }
}
