<?php

declare(strict_types=1);

namespace App\YardState;

/** A super with its hive. */
final readonly class FoundSuper
{
    public function __construct(public HiveState $hive, public BoxState $box)
    {
    }
}
