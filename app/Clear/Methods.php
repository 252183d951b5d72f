<?php

declare(strict_types=1);

namespace App\Clear;

use Marjoram\Core\Rounds\Way;

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

    /** The planner of rounds has shorter words for the same four. */
    public static function ofWay(Way $way): string
    {
        return match ($way) {
            Way::Escape => 'escape-board',
            Way::Fume => 'fume-board',
            default => $way->value,
        };
    }

    /** @return list<Way> the one of a method, all where the choice is free */
    public static function ways(string $method): array
    {
        return array_values(array_filter(Way::cases(), static fn (Way $way): bool => self::ofWay($way) === $method)) ?: Way::cases();
    }

    public static function glyph(string $method): string
    {
        return ['brush' => 'brush', 'escape-board' => 'board', 'fume-board' => 'fume'][$method] ?? 'blow';
    }
}
