<?php

declare(strict_types=1);

namespace App\Models;

/** The keeper's plan for a queen. */
enum MarkKind: string
{
    case Breed = 'breed';
    case Replace = 'replace';
    case Watch = 'watch';

    public function words(): string
    {
        return match ($this) {
            self::Breed => __('breed from'),
            self::Replace => __('replace'),
            self::Watch => __('watch'),
        };
    }

    /** @return array<string, string> */
    public static function all(): array
    {
        return array_combine(
            array_column(self::cases(), 'value'),
            array_map(static fn (self $one): string => $one->words(), self::cases()),
        );
    }
}
