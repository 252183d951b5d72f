<?php

declare(strict_types=1);

namespace App\Foundation\Http;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Headers that forbid scripts from outside, inline scripts without this response's nonce, and framing. */
final class SecureHeaders
{
    public function handle(Request $request, Closure $next): Response
    {
        $nonce = base64_encode(random_bytes(16));
        $request->attributes->set('csp-nonce', $nonce);
        view()->share('nonce', $nonce);
        $response = $next($request);
        $own = $request->attributes->get('csp');
        $response->headers->set(
            'Content-Security-Policy',
            is_string($own)
                ? $own
                : "default-src 'none'; script-src 'self' 'nonce-$nonce'; style-src 'self' 'nonce-$nonce'; ".
                    "img-src 'self' data:; font-src 'self'; connect-src 'self'; manifest-src 'self'; ".
                    "worker-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'",
        );
        $response->headers->set('X-Content-Type-Options', 'nosniff');
        $response->headers->set('Referrer-Policy', 'same-origin');
        $response->headers->set('X-Frame-Options', 'DENY');
        if ($request->isSecure()) {
            $response->headers->set('Strict-Transport-Security', 'max-age=31536000');
        }
        $may = $request->attributes->get('permissions');
        $response->headers->set(
            'Permissions-Policy',
            is_string($may) ? $may : 'camera=(), microphone=(), geolocation=()',
        );
        $response->headers->set('Cross-Origin-Opener-Policy', 'same-origin');
        if ($request->user() !== null && ! $response->headers->has('Cache-Control')) {
            $response->headers->set('Cache-Control', 'private, no-cache');
        }
        $response->setVary('HX-Request', false);

        return $response;
    }
}
