<?php

declare(strict_types=1);

namespace Marjoram\Core\Yields;

/** A hive next to its neighbours: its mean difference to the other hives of its yard in the same seasons, kg a year. */
final readonly class HiveIndex
{
    public function __construct(public float $kg, public int $seasons)
    {
    }
}
