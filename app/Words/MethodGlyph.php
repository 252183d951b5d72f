<?php

declare(strict_types=1);

namespace App\Words;

use Marjoram\Core\Clearing\Method;

/** The glyph of each method of clearing, in the sprite after "v-". */
final class MethodGlyph
{
    public static function of(Method $method): string
    {
        return match ($method) {
            Method::Brush => 'brush',
            Method::EscapeBoard => 'board',
            Method::FumeBoard => 'fume',
            Method::Blower => 'blow',
            Method::ByFrame => 'frame',
            Method::Cold => 'cold',
        };
    }
}
