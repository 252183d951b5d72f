<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\Extracting;

/** A spun frame that balances a load which is not full. */
final class SpareFrame
{
    private const PREFIX = 'spun-';

    public static function id(int $n): string
    {
        return self::PREFIX.$n;
    }

    public static function is(string $id): bool
    {
        return str_starts_with($id, self::PREFIX);
    }
}
