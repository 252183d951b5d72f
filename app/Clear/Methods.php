<?php

declare(strict_types=1);

namespace App\Clear;

/** Words and glyphs of the clearing methods. */
final class Methods
{
    public static function word(string $method): string
    {
        return match ($method) {
            'brush' => __('brush'),
            'escape-board' => __('escape boards'),
            'fume-board' => __('fume boards'),
            default => __('blower'),
        };
    }

    public static function glyph(string $method): string
    {
        return ['brush' => 'brush', 'escape-board' => 'board', 'fume-board' => 'fume'][$method] ?? 'blow';
    }
}
