<?php

declare(strict_types=1);

namespace Marjoram\Core\HoneyRoom;

/** How many of which jars are filled, and what is left. */
final readonly class JarPlan
{
    /** @param  array<array-key, int>  $fill  jars by their kind's id */
    public function __construct(public array $fill, public int $leftG, public float $value)
    {
    }

    public function jars(): int
    {
        return array_sum($this->fill);
    }
}
