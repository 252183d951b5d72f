<?php

declare(strict_types=1);

namespace App\Foundation\Http;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\Response;

/** A name, a code or an address is one line; only what a page offers as a text area may have more. */
final class OneLine
{
    /** The names of the text areas. */
    private const SEVERAL_LINES = ['notes', 'pasted', 'table'];

    public function handle(Request $request, Closure $next): Response
    {
        foreach ([...$request->query->all(), ...$request->request->all()] as $name => $value) {
            if (! in_array($name, self::SEVERAL_LINES, true) && ! self::isOneLine($value)) {
                throw ValidationException::withMessages([
                    (string) $name => __('This must be one line. Remove the line breaks.'),
                ]);
            }
        }

        return $next($request);
    }

    private static function isOneLine(mixed $value): bool
    {
        if (! is_array($value)) {
            return ! is_string($value) || strpbrk($value, "\r\n") === false;
        }
        foreach ($value as $one) {
            if (! self::isOneLine($one)) {
                return false;
            }
        }

        return true;
    }
}
