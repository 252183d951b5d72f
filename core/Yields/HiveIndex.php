<?php

declare(strict_types=1);

namespace Marjoram\Core\Yields;

/** A hive next to its neighbours: its mean difference to the yard's mean in the same seasons, kg a season. */
final readonly class HiveIndex
{
    public function __construct(public float $kg, public int $seasons)
    {
    }
}
