<?php

declare(strict_types=1);

namespace App\Apiary\Hives;

/** A super with its hive. */
final readonly class FoundSuper
{
    public function __construct(public HiveState $hive, public BoxState $box)
    {
    }
}
