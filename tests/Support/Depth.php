<?php

declare(strict_types=1);

namespace Tests\Support;

/** How long a simulation runs: as long as its claim needs each time, and to its full depth in bin/test --deep. */
final class Depth
{
    public static function of(int $usual, int $full): int
    {
        return getenv('MARJORAM_DEEP') === '1' ? $full : $usual;
    }
}
