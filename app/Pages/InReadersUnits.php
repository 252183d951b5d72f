<?php

declare(strict_types=1);

namespace App\Pages;

use App\Foundation\Units\Formatter;
use App\Words\Wording;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\View;
use Symfony\Component\HttpFoundation\Response;

/** Gives every view figures and words in the units of whoever is signed in. */
final class InReadersUnits
{
    public function handle(Request $request, Closure $next): Response
    {
        app()->forgetInstance(Formatter::class);
        $format = app(Formatter::class);
        View::share(['f' => $format, 'say' => new Wording($format)]);

        return $next($request);
    }
}
