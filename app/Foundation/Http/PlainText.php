<?php

declare(strict_types=1);

namespace App\Foundation\Http;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\Response;

/** Keeps bytes that are no valid text out of dates, the database and pages. */
final class PlainText
{
    public function handle(Request $request, Closure $next): Response
    {
        foreach ([...$request->query->all(), ...$request->request->all()] as $name => $value) {
            if (! self::isText($value) || ! self::isText((string) $name)) {
                throw ValidationException::withMessages([
                    mb_scrub((string) $name) => __('This text has characters that cannot be read. Enter it again.'),
                ]);
            }
        }

        return $next($request);
    }

    private static function isText(mixed $value): bool
    {
        if (! is_array($value)) {
            return ! is_string($value) || (! str_contains($value, "\0") && mb_check_encoding($value, 'UTF-8'));
        }
        foreach ($value as $key => $one) {
            if (! self::isText((string) $key) || ! self::isText($one)) {
                return false;
            }
        }

        return true;
    }
}
