<?php

declare(strict_types=1);

namespace App\Support\Http;

use Closure;
use Illuminate\Cache\RateLimiter;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\UnauthorizedHttpException;

/**
 * Signs a program in for one request by HTTP basic authentication; no session is kept. Who fails too often, by account
 * and address or by address alone, is not listened to for a minute, as at the page for signing in.
 */
final readonly class BasicOnce
{
    private const OF_ACCOUNT = 5;

    private const OF_ADDRESS = 30;

    public function __construct(private RateLimiter $limiter)
    {
    }

    public function handle(Request $request, Closure $next): Response
    {
        $account = 'basic|'.mb_strtolower((string) $request->getUser()).'|'.$request->ip();
        $address = 'basic|'.$request->ip();
        $isTooMuch = $this->limiter->tooManyAttempts($account, self::OF_ACCOUNT)
            || $this->limiter->tooManyAttempts($address, self::OF_ADDRESS);
        if ($isTooMuch) {
            abort(429, headers: ['Retry-After' => (string) $this->limiter->availableIn($account)]);
        }
        try {
            Auth::onceBasic('email');
        } catch (UnauthorizedHttpException $refused) {
            if ($request->getUser() !== null) {
                $this->limiter->hit($account);
                $this->limiter->hit($address);
            }
            throw $refused;
        }

        return $next($request);
    }
}
