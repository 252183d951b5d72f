<?php

declare(strict_types=1);

namespace App\Support\Http;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** Signs a program in for one request by HTTP basic authentication; no session is kept. */
final class BasicOnce
{
    public function handle(Request $request, Closure $next): Response
    {
        Auth::onceBasic('email');

        return $next($request);
    }
}
